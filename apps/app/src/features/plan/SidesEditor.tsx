import { useState } from 'react';
import { Pressable, View } from 'react-native';
import type { Side } from '@crustan/core/schedule';
import { OwnSide } from '../../forms';
import { describeAllergens } from '../../words/allergenWords';
import { sidesChanged } from '../../store/draftSlice';
import { useAppDispatch } from '../../store/store';
import { AllergenChips } from '../../ui/AllergenChips';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { t } from './t';

/** Common sides of a seared piece, with typical minutes, to be edited. */
const USUAL_SIDES: readonly Side[] = [
  {
    name: t('pan-sauce'),
    handsOn: 180,
    handsOff: 60,
    needs: 'pan',
    keeps: 300,
    // Butter, wine and stock.
    allergens: ['milk', 'sulphites', 'celery'],
  },
  {
    name: t('greens-in-the-pans-fat'),
    handsOn: 120,
    handsOff: 120,
    needs: 'pan',
    keeps: 120,
    allergens: [],
  },
  {
    name: t('mashed-potatoes'),
    handsOn: 420,
    handsOff: 1500,
    needs: 'burner',
    keeps: 1800,
    allergens: ['milk'],
  },
  {
    name: t('roast-roots'),
    handsOn: 480,
    handsOff: 2400,
    needs: 'oven',
    oven: 200,
    keeps: 900,
    allergens: [],
  },
];

const MOST_SIDES = 8;

/** Side dishes and sauces, each with its own minutes, to be placed where hands and heat are free. */
export const SidesEditor = ({ sides }: { readonly sides: readonly Side[] }) => {
  const dispatch = useAppDispatch();
  const [open, setOpen] = useState(false);
  const set = (next: readonly Side[]) => dispatch(sidesChanged([...next]));
  const [stating, setStating] = useState<string>();
  const stated = sides.find(({ name }) => name === stating);
  const left = USUAL_SIDES.filter(({ name }) => !sides.some((side) => side.name === name));
  return (
    <View className="gap-2">
      <View className="flex-row flex-wrap gap-2">
        {sides.map((side) => (
          <Pressable
            key={side.name}
            role="button"
            aria-label={t('take-off', { name: side.name })}
            onPress={() => set(sides.filter(({ name }) => name !== side.name))}
            className="min-h-touch justify-center rounded border border-salt-300 px-3"
          >
            <Text voice="small">{`${side.name} ×`}</Text>
          </Pressable>
        ))}
        <Button
          kind="plain"
          label={open ? t('close') : t('add-a-side-or-sauce')}
          onPress={() => setOpen(!open)}
        />
      </View>
      {sides.map(({ name, allergens }) => (
        <Pressable
          key={name}
          role="button"
          aria-expanded={stating === name}
          onPress={() => setStating(stating === name ? undefined : name)}
          className="min-h-touch justify-center"
        >
          <Text voice="small" tone="text-flame-light" className="underline">
            {`${name}: ${allergens === undefined ? t('state-its-allergens') : allergens.length === 0 ? t('no-declarable-allergen') : t('contains', { allergens: describeAllergens(allergens) })}`}
          </Text>
        </Pressable>
      ))}
      {stated === undefined ? null : (
        <View className="gap-2 border-l-4 border-flame-light bg-salt-0 p-3">
          <AllergenChips
            label={t('allergens-of', { name: stated.name })}
            chosen={stated.allergens ?? []}
            onChange={(allergens) =>
              set(sides.map((side) => (side === stated ? { ...side, allergens } : side)))
            }
          />
          <View className="flex-row flex-wrap gap-2">
            {stated.allergens === undefined ? (
              <Button
                kind="plain"
                label={t('it-contains-none-of-these')}
                onPress={() =>
                  set(sides.map((side) => (side === stated ? { ...side, allergens: [] } : side)))
                }
              />
            ) : null}
            <Button kind="plain" label={t('done')} onPress={() => setStating(undefined)} />
          </View>
        </View>
      )}
      {open && sides.length < MOST_SIDES ? (
        <View className="gap-3 border-l-4 border-flame-light bg-salt-0 p-3">
          <View className="flex-row flex-wrap gap-2">
            {left.map((side) => (
              <Button
                key={side.name}
                kind="plain"
                label={side.name}
                onPress={() => set([...sides, side])}
              />
            ))}
          </View>
          <OwnSide
            onAdd={(side) => set([...sides.filter(({ name }) => name !== side.name), side])}
          />
        </View>
      ) : null}
    </View>
  );
};
