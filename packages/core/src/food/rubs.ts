import type { AllergenId } from './allergens';

export const RUB_IDS = [
  'pepper',
  'sugar',
  'honey',
  'paprika',
  'garlic',
  'dried-herbs',
  'fresh-herbs',
  'mustard',
  'coriander',
  'sesame',
] as const;
/** Ingredients of a rub, as written in files. */
export type RubId = (typeof RUB_IDS)[number];

export interface Rub {
  readonly name: string;
  /** From here on it turns bitter or burns within some minutes, C. */
  readonly bittersAt: number;
  readonly allergens: readonly AllergenId[];
}

/**
 * Temperatures that rubs tolerate. Estimates, +-15 K: sucrose caramelises at about 170 and fructose at 110 C; green
 * leaf and garlic, thin and dry, char first; whole and coarse spices tolerate more than ground ones.
 */
export const RUBS: Readonly<Record<RubId, Rub>> = {
  pepper: { name: 'pepper', bittersAt: 175, allergens: [] },
  sugar: { name: 'sugar', bittersAt: 165, allergens: [] },
  honey: { name: 'honey', bittersAt: 135, allergens: [] },
  paprika: { name: 'paprika', bittersAt: 135, allergens: [] },
  garlic: { name: 'garlic', bittersAt: 140, allergens: [] },
  'dried-herbs': { name: 'dried herbs', bittersAt: 150, allergens: [] },
  'fresh-herbs': { name: 'fresh herbs', bittersAt: 140, allergens: [] },
  mustard: { name: 'mustard', bittersAt: 150, allergens: ['mustard'] },
  coriander: { name: 'coriander seed', bittersAt: 165, allergens: [] },
  sesame: { name: 'sesame', bittersAt: 160, allergens: ['sesame'] },
};
