import type { DeviationKey, KitchenDeviation } from '../gear';

/** The deviations that are learned from cook to cook, in the order of every vector here. */
export const TRAITS = [
  'oven',
  'ovenHeat',
  'burner',
  'contact',
  'thickness',
] as const satisfies readonly DeviationKey[];
export type Trait = (typeof TRAITS)[number];

/** Learned properties of a kitchen. */
export type LearnedTraits = Pick<KitchenDeviation, Trait>;

/** The traits, each by its name. */
export const traitsBy = (of: (trait: Trait) => number): LearnedTraits => ({
  oven: of('oven'),
  ovenHeat: of('ovenHeat'),
  burner: of('burner'),
  contact: of('contact'),
  thickness: of('thickness'),
});
