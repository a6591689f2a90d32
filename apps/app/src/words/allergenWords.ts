import { formatList, translateName } from '@crustan/messages';
import { ALLERGENS, type AllergenId } from '@crustan/core/food/allergens';
import { RUBS } from '@crustan/core/food/rubs';
import { fatOf } from '@crustan/core/gear/fats';
import type { Ingredient, PlateAllergen } from '@crustan/core/plan/plateAllergens';
import { t } from '../t';

/** `milk, peanuts`. */
export const describeAllergens = (ids: readonly AllergenId[]): string =>
  formatList(ids.map((id) => translateName(ALLERGENS[id].name)));

/** `. Contains milk`, to end a sentence; empty if there is nothing to declare. */
export const containing = (ids: readonly AllergenId[] = []): string =>
  ids.length === 0 ? '' : t('contains', { allergens: describeAllergens(ids) });

const describeIngredient = (ingredient: Ingredient): string => {
  switch (ingredient.kind) {
    case 'animal':
      return ingredient.species.replace('-', ' ');
    case 'fat':
      return translateName(fatOf(ingredient.fat).name);
    case 'butter':
      return t('butter-for-basting');
    case 'rub':
      return translateName(RUBS[ingredient.rub].name);
    case 'side':
      return ingredient.name;
  }
};

/** `milk (butter for basting), fish (salmon)`. */
export const describePlateAllergens = (found: readonly PlateAllergen[]): string =>
  found
    .map(
      ({ allergen, from }) =>
        `${translateName(ALLERGENS[allergen].name)} (${formatList(from.map(describeIngredient))})`,
    )
    .join('; ');

/** The whole line about a plate: what it contains, and the sides nobody stated. */
export const plateAllergenWords = (
  found: readonly PlateAllergen[],
  unstated: readonly string[],
): string | undefined => {
  const parts = [
    ...(found.length === 0
      ? []
      : [t('contains-2', { plateAllergens: describePlateAllergens(found) })]),
    ...(unstated.length === 0
      ? []
      : [t('allergens-not-stated', { unstated: formatList(unstated) })]),
  ];
  return parts.length === 0 ? undefined : parts.join(' ');
};

/** `No fish, milk (mild)`: what a table must not be served, its note in brackets; `Allergy: kiwi` for a note only. */
export const describeAvoided = (
  ids: readonly AllergenId[],
  note: string | undefined,
): string | undefined => {
  if (ids.length === 0) return note === undefined ? undefined : t('allergy', { note });
  return t('no', {
    allergens: describeAllergens(ids),
    part: note === undefined ? '' : ` (${note})`,
  });
};
