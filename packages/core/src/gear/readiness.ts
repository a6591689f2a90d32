import { oilMargin, type Fat } from './fats';

/** A sign that a pan is hot, and what it tells, C. */
export interface ReadinessSign {
  readonly sign: 'drop-sizzles' | 'drop-dances' | 'shimmer' | 'wisp' | 'infrared' | 'sound';
  /** Between these the sign is seen; how far a reading may be off for a gun. */
  readonly from: number;
  readonly to: number;
}

/** Water boils away flat from just over boiling, and skates on its own vapour from the Leidenfrost point. */
const DROP_SIZZLES = [120, 170] as const;
const LEIDENFROST = [190, 230] as const;
/** Oil runs thin and shimmers well before it smokes. Kitchen figure. */
const SHIMMER = [170, 200] as const;
/** An infrared gun on seasoned iron: emissivity and angle cost about this much, K. */
export const INFRARED_ERROR = 10;
/** Under this a wet face is silent: it stews, C. */
export const SILENT_BELOW = 140;

/** Signs that a pan is at a temperature, each with its range in degrees. */
export const readinessSigns = (fat: Fat, target: number): readonly ReadinessSign[] => [
  { sign: 'drop-sizzles', from: DROP_SIZZLES[0], to: DROP_SIZZLES[1] },
  { sign: 'drop-dances', from: LEIDENFROST[0], to: LEIDENFROST[1] },
  { sign: 'shimmer', from: SHIMMER[0], to: SHIMMER[1] },
  { sign: 'wisp', from: fat.smokes[0], to: fat.smokes[1] },
  { sign: 'infrared', from: target - INFRARED_ERROR, to: target + INFRARED_ERROR },
  { sign: 'sound', from: SILENT_BELOW, to: Math.max(SILENT_BELOW, target) },
];

/** Fats that take a pan's heat without smoke, the safest first. */
export const fatsFor = (fats: readonly Fat[], pan: number): readonly Fat[] =>
  fats
    .filter((fat) => oilMargin(fat, pan).smoke === 'none')
    .toSorted((a, b) => b.smokes[0] - a.smokes[0]);
