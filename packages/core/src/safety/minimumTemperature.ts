import type { Species } from '../food';

/** A published minimum for the core, with who publishes it. */
export interface MinimumTemperature {
  readonly celsius: number;
  /** Rest or holding time that belongs to the figure, s. */
  readonly holdSeconds: number;
  readonly food: string;
  readonly source: string;
  /** A sort of the same food that the same source asks more of. */
  readonly stricter?: { readonly food: string; readonly celsius: number };
}

const WHOLE_CUTS: MinimumTemperature = {
  celsius: 62.8,
  holdSeconds: 180,
  food: 'whole cuts of beef, veal, lamb and pork',
  source: 'USDA FSIS safe minimum temperature chart',
};

const GAME: MinimumTemperature = {
  celsius: 62.8,
  holdSeconds: 15,
  food: 'farmed, inspected game',
  stricter: { food: 'wild or uninspected game', celsius: 73.9 },
  source: 'FDA Food Code 3-401.11',
};

const FISH: MinimumTemperature = {
  celsius: 62.8,
  holdSeconds: 15,
  food: 'fish and shellfish',
  source: 'USDA FSIS; FDA Food Code',
};

/** Minimum core temperatures usually published; local codes and the inspector come first. */
export const MINIMUM_TEMPERATURES: Readonly<Record<Species, MinimumTemperature>> = {
  beef: WHOLE_CUTS,
  veal: WHOLE_CUTS,
  pork: WHOLE_CUTS,
  lamb: WHOLE_CUTS,
  venison: GAME,
  duck: {
    celsius: 73.9,
    holdSeconds: 0,
    food: 'poultry, duck breast included',
    source: 'USDA FSIS; FDA Food Code',
  },
  salmon: FISH,
  tuna: FISH,
  'white-fish': FISH,
  scallop: FISH,
};
