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

interface Props {
  readonly dish: KeptDish;
  readonly pass: PassNow;
  readonly presses: Presses;
  /** Number of its pieces in the present order. */
  readonly asked: number;
  readonly onAdd: (doneness: string) => void;
}

const formatLeft = (left: number): string => {
  if (left < 0) return `${-left} more than there are`;
  return left === 0 ? 'none left' : `${left} left`;
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
    presses.say({ kind: 'stock', dish: id, count }, `${name}: ${count} left`);
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
          aria-label={`${left === undefined ? '' : `${formatLeft(left)}: `}count ${name}`}
          onPress={() => setCounting(counting === undefined ? '' : undefined)}
          className={`min-h-touch justify-center rounded px-2 ${left !== undefined && left <= 0 ? 'bg-hazard' : ''}`}
        >
          <Text
            voice="small"
            tone={left !== undefined && left <= 0 ? 'text-iron-950' : 'text-salt-200'}
            className="underline"
          >
            {left === undefined ? 'Count them' : formatLeft(left)}
          </Text>
        </Pressable>
      </View>
      <View className="flex-row flex-wrap gap-2">
        {portions.map(({ doneness }) => (
          <Pressable
            key={doneness}
            role="button"
            aria-label={`Add ${name}, ${doneness}`}
            aria-disabled={under.has(doneness)}
            disabled={under.has(doneness)}
            onPress={() => onAdd(doneness)}
            className={`min-h-touch justify-center rounded border border-iron-500 px-3 active:bg-iron-700 ${under.has(doneness) ? 'opacity-40' : ''}`}
          >
            <Text tone="text-salt-50">{`+ ${doneness}`}</Text>
          </Pressable>
        ))}
      </View>
      {[...under].map(([doneness, minimum]) => (
        <Text key={doneness} voice="small" tone="text-salt-200">
          {`${doneness} ends under ${show.temperature(minimum, 1)}, the minimum set in Kitchen.`}
        </Text>
      ))}
      {counting === undefined ? null : (
        <View className="flex-row items-end gap-2">
          <TextField
            label="Left to be ordered"
            value={counting}
            onIron
            figures
            onChange={setCounting}
            onEnter={keep}
          />
          <Button kind="stovePlain" label="Keep" onPress={keep} />
        </View>
      )}
    </View>
  );
};
