import { View } from 'react-native';
import { GEAR_LIMITS } from '@crustan/core/formats/kitchen';
import { kitchenChanged } from '../../store/kitchenSlice';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Choice } from '../../ui/Choice';
import { Slider } from '../../ui/Slider';
import { Text } from '../../ui/Text';
import { NameField } from './NameField';
import { formatFixed } from '../../words/formatFixed';
import { t } from './t';

/** List of salts, with the one in use and the weight of a level teaspoon. */
export const Salts = () => {
  const dispatch = useAppDispatch();
  const { salts, salt: index } = useAppSelector((state) => state.kitchen);
  const salt = salts[index];
  const edit = (changed: Partial<(typeof salts)[number]>): void => {
    dispatch(
      kitchenChanged({
        salts: salts.map((each, i) => (i === index ? { ...each, ...changed } : each)),
      }),
    );
  };
  return (
    <View className="gap-3">
      <Choice
        label={t('salt-in-use')}
        value={String(index)}
        onChange={(chosen) => dispatch(kitchenChanged({ salt: Number(chosen) }))}
        options={salts.map(({ name, gramsPerTeaspoon }, i) => ({
          value: String(i),
          label: name,
          detail: t('g-a-teaspoon', { gramsPerTeaspoon }),
        }))}
      />
      {salt ? (
        <View key={index} className="gap-2">
          <NameField
            label={t('name-of-the-salt')}
            value={salt.name}
            onChange={(name) => edit({ name })}
          />
          <View className="flex-row items-center gap-3">
            <View className="flex-1">
              <Slider
                label={t('a-level-teaspoon-weighs')}
                value={salt.gramsPerTeaspoon}
                least={GEAR_LIMITS.gramsPerTeaspoon.least}
                most={GEAR_LIMITS.gramsPerTeaspoon.most}
                step={0.1}
                says={t('grams', { gramsPerTeaspoon: salt.gramsPerTeaspoon })}
                onChange={(grams) => edit({ gramsPerTeaspoon: Math.round(grams * 10) / 10 })}
              />
            </View>
            <Text voice="figure">
              {t('g', { gramsPerTeaspoon: formatFixed(salt.gramsPerTeaspoon, 1) })}
            </Text>
          </View>
        </View>
      ) : null}
    </View>
  );
};
