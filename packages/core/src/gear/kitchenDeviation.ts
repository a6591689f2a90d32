/**
 * How one kitchen differs from the nominal one that a plan is for: the same type for what is
 * estimated, what is learned and what a simulated kitchen hides.
 */
export interface KitchenDeviation {
  /** Oven air over the set temperature, K. */
  readonly oven: number;
  /** What the oven's air and its vapour bring to a face, over the usual: a slow oven has less, a factor. */
  readonly ovenHeat: number;
  /** Power the burner gives over its rated power, a factor. */
  readonly burner: number;
  /** Pan over the temperature asked for, K. */
  readonly pan: number;
  /** Contact coefficient over the usual one, a factor. */
  readonly contact: number;
  /** Thickness over the measured one, m. */
  readonly thickness: number;
  /** Start temperature over the stated one, K. */
  readonly start: number;
}

export type DeviationKey = keyof KitchenDeviation;

/** A kitchen that is as stated. */
export const NOMINAL_KITCHEN: KitchenDeviation = {
  oven: 0,
  ovenHeat: 1,
  burner: 1,
  pan: 0,
  contact: 1,
  thickness: 0,
  start: 0,
};
