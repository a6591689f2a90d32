import { translateName } from '@crustan/messages';
import { useState } from 'react';
import { View } from 'react-native';
import { SPECIES, type Species } from '@crustan/core/food';
import { minimumFor } from '@crustan/core/safety/minimumTemperature';
import { kitchenChanged } from '../../store/kitchenSlice';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { useScales } from '../../store/useScales';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Measure } from '../../ui/Measure';
import { Text } from '../../ui/Text';
import { capital } from '../../words/cutWords';
import { useShow } from '../../words/useShow';
import { t } from './t';

/** Two steps of a scale keep at least this apart, K. */
const APART = 0.5;

/** A species' doneness scale, each step where this kitchen has it begin. */
export const ScaleEditor = () => {
  const dispatch = useAppDispatch();
  const show = useShow();
  const { scaleOf } = useScales();
  const scales = useAppSelector((state) => state.kitchen.scales);
  const [species, setSpecies] = useState<Species>('beef');
  const scale = scaleOf(species);
  const minimum = minimumFor({ species });
  const move = (index: number, from: number): void => {
    const moved = scale.map((step, i) => {
      if (i !== index) return { ...step };
      // The end a cook means by it moves along.
      return { ...step, from, target: step.target + from - step.from };
    });
    dispatch(kitchenChanged({ scales: { ...scales, [species]: moved } }));
  };
  return (
    <View className="gap-3">
      <Choice
        label={t('scale-of')}
        value={species}
        onChange={setSpecies}
        options={SPECIES.map((value) => ({ value, label: capital(value.replace('-', ' ')) }))}
      />
      {scale.map((step, i) =>
        i === 0 ? (
          <Text key={step.name} voice="small">
            {t('under', {
              name: capital(translateName(step.name)),
              degrees: show.degrees(scale[1]?.from ?? 0, 1),
            })}
          </Text>
        ) : (
          <View key={`${species}${step.name}`} className="gap-1">
            <Text voice="small">{t('from', { name: capital(translateName(step.name)) })}</Text>
            <Measure
              units={show.units}
              label={t('from-2', { name: capital(translateName(step.name)) })}
              kind="temperature"
              value={step.from}
              least={(scale[i - 1]?.from ?? 0) + APART}
              most={(scale[i + 1]?.from ?? 96) - APART}
              onChange={(from) => move(i, from)}
            />
          </View>
        ),
      )}
      <Text voice="small" tone="text-iron-500">
        {t('the-table-for-says', {
          food: translateName(minimum.food),
          temperature: show.temperature(minimum.celsius, 1),
          source: translateName(minimum.source),
        })}
      </Text>
      {scales[species] ? (
        <View className="items-start">
          <Button
            kind="plain"
            label={t('back-to-the-default-scale')}
            onPress={() => {
              const { [species]: _own, ...rest } = scales;
              dispatch(kitchenChanged({ scales: rest }));
            }}
          />
        </View>
      ) : null}
    </View>
  );
};
