import type { GameOrigin, MeatTreatment } from '../food/meatSafety';
import type { Species } from '../food/species';

/** A published minimum for the core, with who publishes it. */
export interface MinimumTemperature {
  readonly celsius: number;
  /** Rest or holding time that belongs to the figure, s. */
  readonly holdSeconds: number;
  readonly food: string;
  readonly source: string;
}

export const MINIMUM_KINDS = [
  'whole-cuts',
  'treated',
  'farmed-game',
  'wild-game',
  'poultry',
  'fish',
] as const;
/** Rows of the published table. */
export type MinimumKind = (typeof MINIMUM_KINDS)[number];

/** Minimum core temperatures usually published; local codes and the inspector come first. */
export const MINIMUMS: Readonly<Record<MinimumKind, MinimumTemperature>> = {
  'whole-cuts': {
    celsius: 62.8,
    holdSeconds: 180,
    food: 'whole cuts of beef, veal, lamb and pork',
    source: 'USDA FSIS safe minimum temperature chart',
  },
  treated: {
    celsius: 71.1,
    holdSeconds: 0,
    food: 'tenderised, injected or minced meat',
    source: 'USDA FSIS; FDA Food Code 3-401.11 asks 68.3 °C for 17 s',
  },
  'farmed-game': {
    celsius: 62.8,
    holdSeconds: 15,
    food: 'farmed, inspected game',
    source: 'FDA Food Code 3-401.11',
  },
  'wild-game': {
    celsius: 73.9,
    holdSeconds: 0,
    food: 'wild or uninspected game',
    source: 'FDA Food Code 3-401.11',
  },
  poultry: {
    celsius: 73.9,
    holdSeconds: 0,
    food: 'poultry, duck breast included',
    source: 'USDA FSIS; FDA Food Code',
  },
  fish: {
    celsius: 62.8,
    holdSeconds: 15,
    food: 'fish and shellfish',
    source: 'USDA FSIS; FDA Food Code',
  },
};

/** The row of intact meat, by animal. */
const SPECIES_KIND: Readonly<Record<Species, MinimumKind>> = {
  beef: 'whole-cuts',
  veal: 'whole-cuts',
  pork: 'whole-cuts',
  lamb: 'whole-cuts',
  venison: 'farmed-game',
  duck: 'poultry',
  salmon: 'fish',
  tuna: 'fish',
  'white-fish': 'fish',
  scallop: 'fish',
};

/** Meat as far as the published table tells it apart. */
export interface MeatDescription {
  readonly species: Species;
  readonly game?: GameOrigin | undefined;
  readonly treated?: MeatTreatment | undefined;
}

/** True if the meat of an animal is sold tenderised, injected or minced: the question is asked. */
export const mayBeTreated = (species: Species): boolean => SPECIES_KIND[species] !== 'fish';

/** Row of the published table for a meat: the strictest that applies. */
export const minimumFor = ({ species, game, treated }: MeatDescription): MinimumTemperature => {
  const kinds: readonly MinimumKind[] = [
    SPECIES_KIND[species],
    ...(game === undefined ? [] : ([`${game}-game`] as const)),
    ...(treated !== undefined && mayBeTreated(species) ? (['treated'] as const) : []),
  ];
  return kinds.map((kind) => MINIMUMS[kind]).reduce((a, b) => (b.celsius > a.celsius ? b : a));
};
