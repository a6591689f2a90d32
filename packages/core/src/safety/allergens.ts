import type { Species } from '../food';

const ALLERGENS: Partial<Readonly<Record<Species, readonly string[]>>> = {
  salmon: ['fish'],
  tuna: ['fish'],
  'white-fish': ['fish'],
  scallop: ['molluscs'],
};

/** Allergens a plain plan brings to the plate. */
export const allergensOf = (species: Species): readonly string[] => ALLERGENS[species] ?? [];
