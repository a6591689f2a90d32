import { ALLERGEN_IDS, type AllergenId } from '../../food/allergens';
import { RUBS, type RubId } from '../../food/rubs';
import type { Species } from '../../food/species';
import { fatOf, type FatId } from '../../gear/fats';
import { ANIMAL_ALLERGENS, BUTTER_ALLERGENS } from '../../safety/allergens';
import { cutOf, type PlanRequest } from './request';
import { startsCold } from './startsCold';

/** Ingredient that touches the food and may contain an allergen. */
export type Ingredient =
  | { readonly kind: 'animal'; readonly species: Species }
  | { readonly kind: 'fat'; readonly fat: FatId }
  | { readonly kind: 'butter' }
  | { readonly kind: 'rub'; readonly rub: RubId }
  | { readonly kind: 'side'; readonly name: string };

/** An allergen on a plate, with the ingredients that carry it. */
export interface PlateAllergen {
  readonly allergen: AllergenId;
  readonly from: readonly Ingredient[];
}

/** Allergens of a side or a sauce; undefined: not stated. */
export interface SideAllergens {
  readonly name: string;
  readonly allergens?: readonly AllergenId[] | undefined;
}

type Carrier = readonly [Ingredient, readonly AllergenId[]];

const grouped = (carriers: readonly Carrier[]): readonly PlateAllergen[] =>
  ALLERGEN_IDS.flatMap((allergen) => {
    const from = carriers.flatMap(([ingredient, carried]) =>
      carried.includes(allergen) ? [ingredient] : [],
    );
    return from.length === 0 ? [] : [{ allergen, from }];
  });

/** Allergens of the piece and its pan. A piece that starts in a cold pan cooks in its own fat. */
const pieceCarriers = (request: PlanRequest): readonly Carrier[] => {
  const { species } = cutOf(request);
  const { fat, baste, rubs = [] } = request;
  const butter: Carrier = [{ kind: 'butter' }, BUTTER_ALLERGENS];
  const searedIn: Carrier = [{ kind: 'fat', fat }, fatOf(fat).allergens];
  return [
    [{ kind: 'animal', species }, ANIMAL_ALLERGENS[species]],
    ...(startsCold(request) ? [] : [searedIn]),
    ...(baste > 0 ? [butter] : []),
    ...rubs.map((rub): Carrier => [{ kind: 'rub', rub }, RUBS[rub].allergens]),
  ];
};

/** Allergens that a piece leaves in its pan. */
export const panAllergens = (request: PlanRequest): readonly AllergenId[] =>
  grouped(pieceCarriers(request)).map(({ allergen }) => allergen);

/** Allergens of a plate: the animal, the fat, the butter, the rubs, and the sides and sauces beside it. */
export const plateAllergens = (
  request: PlanRequest,
  sides: readonly SideAllergens[] = [],
): readonly PlateAllergen[] =>
  grouped([
    ...pieceCarriers(request),
    ...sides.map(({ name, allergens = [] }): Carrier => [{ kind: 'side', name }, allergens]),
  ]);

/** Names of the sides whose allergens nobody stated. */
export const unstatedSides = (sides: readonly SideAllergens[]): readonly string[] =>
  sides.flatMap(({ name, allergens }) => (allergens === undefined ? [name] : []));
