import { translateName } from '@crustan/messages';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import type { KeptDish } from '@crustan/core/formats/serviceSchema';
import { requiredMinimum, type MinimumRules } from '@crustan/core/plan/minimumOf';
import { useAppSelector } from '../../store/store';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { useShow } from '../../words/useShow';
import { TextField } from './TextField';
import type { PassNow } from './usePass';
import type { Presses } from './usePressed';
import { t } from './t';

interface Props {
  readonly dish: KeptDish;
  readonly pass: PassNow;
  readonly presses: Presses;
  /** Number of its pieces in the present order. */
  readonly asked: number;
  readonly onAdd: (doneness: string) => void;
}

const formatLeft = (left: number): string => {
  if (left < 0) return t('more-than-there-are', { value: -left });
  return left === 0 ? t('none-left') : t('left', { left });
};

/** Portions that end under the minimum that the kitchen requires, with that minimum, C. */
const underMinimum = (
  portions: KeptDish['portions'],
  rules: MinimumRules,
): ReadonlyMap<string, number> =>
  new Map(
    portions.flatMap(({ doneness, target, options: [option] }) => {
      const minimum = option && requiredMinimum(rules, option.plan.request);
      return minimum !== undefined && target < minimum ? [[doneness, minimum] as const] : [];
    }),
  );

/** A dish in an order: a tap adds a piece; shows the number left if it was counted. */
export const DishRow = ({ dish: { id, name, portions }, pass, presses, asked, onAdd }: Props) => {
  const show = useShow();
  const rules = useAppSelector((state) => state.kitchen);
  const under = underMinimum(portions, rules);
  const [counting, setCounting] = useState<string>();
  const counted = pass.state.stock.get(id);
  const left = counted === undefined ? undefined : counted - asked;
  const count = Number(counting);
  const keep = (): void => {
    if (counting === undefined || counting.trim() === '' || !Number.isInteger(count)) return;
    if (count < 0) return;
    presses.say({ kind: 'stock', dish: id, count }, t('left-2', { name, count }));
    setCounting(undefined);
  };
  return (
    <View role="group" aria-label={name} className="gap-1">
      <View className="flex-row items-center justify-between gap-3">
        <Text voice="label" tone="text-salt-50">
          {name}
        </Text>
        <Pressable
          role="button"
          aria-label={t('count', { part: left === undefined ? '' : `${formatLeft(left)}: `, name })}
          onPress={() => setCounting(counting === undefined ? '' : undefined)}
          className={`min-h-touch justify-center rounded px-2 ${left !== undefined && left <= 0 ? 'bg-hazard' : ''}`}
        >
          <Text
            voice="small"
            tone={left !== undefined && left <= 0 ? 'text-iron-950' : 'text-salt-200'}
            className="underline"
          >
            {left === undefined ? t('count-them') : formatLeft(left)}
          </Text>
        </Pressable>
      </View>
      <View className="flex-row flex-wrap gap-2">
        {portions.map(({ doneness }) => (
          <Pressable
            key={doneness}
            role="button"
            aria-label={t('add', { name, doneness: translateName(doneness) })}
            aria-disabled={under.has(doneness)}
            disabled={under.has(doneness)}
            onPress={() => onAdd(doneness)}
            className={`min-h-touch justify-center rounded border border-iron-500 px-3 active:bg-iron-700 ${under.has(doneness) ? 'opacity-40' : ''}`}
          >
            <Text tone="text-salt-50">{`+ ${translateName(doneness)}`}</Text>
          </Pressable>
        ))}
      </View>
      {[...under].map(([doneness, minimum]) => (
        <Text key={doneness} voice="small" tone="text-salt-200">
          {t('ends-under-the-minimum-set-in-kitchen', {
            doneness: translateName(doneness),
            temperature: show.temperature(minimum, 1),
          })}
        </Text>
      ))}
      {counting === undefined ? null : (
        <View className="flex-row items-end gap-2">
          <TextField
            label={t('left-to-be-ordered')}
            value={counting}
            onIron
            figures
            onChange={setCounting}
            onEnter={keep}
          />
          <Button kind="stovePlain" label={t('keep')} onPress={keep} />
        </View>
      )}
    </View>
  );
};
