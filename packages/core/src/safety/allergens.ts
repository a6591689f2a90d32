import type { AllergenId } from '../food/allergens';
import type { Species } from '../food/species';

/** Allergens of each animal itself. */
export const ANIMAL_ALLERGENS: Readonly<Record<Species, readonly AllergenId[]>> = {
  beef: [],
  veal: [],
  pork: [],
  lamb: [],
  venison: [],
  duck: [],
  salmon: ['fish'],
  tuna: ['fish'],
  'white-fish': ['fish'],
  scallop: ['molluscs'],
};

/** Allergens of the butter that a piece is basted with. */
export const BUTTER_ALLERGENS: readonly AllergenId[] = ['milk'];
