/**
 * Deviation of one kitchen from the nominal one of a plan: the same type for estimated, learned and simulated hidden
 * deviations.
 */
export interface KitchenDeviation {
  /** Oven air over the set temperature, K. */
  readonly oven: number;
  /** Factor of the heat from an oven's air and vapour to a face, relative to a typical oven. */
  readonly ovenHeat: number;
  /** Power the burner gives over its rated power, a factor. */
  readonly burner: number;
  /** Pan over the temperature asked for, K. */
  readonly pan: number;
  /** Factor of the contact coefficient, relative to nominal. */
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
