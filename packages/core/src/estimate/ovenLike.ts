import { FITTED_PARAMETERS, type EstimatedSpreads } from './estimated';
import type { KitchenDeviation } from '../gear';

/** Typical temperature of a face in an oven, C: the air heats by its excess over it. Estimate, 50 to 80. */
const FACE = 65;

/** The oven as the piece meets it: its air, and how much of that reaches a face, in one figure. */
export interface OvenLike {
  /** Excess of the set temperature at which a nominal oven would heat like this one, K. */
  readonly over: number;
  /** One standard deviation, K. */
  readonly sigma: number;
}

/**
 * The oven's two deviations as one of its air. Readings in the meat tell them apart poorly: what they
 * add up to is known much better than either.
 * @param air set temperature, C
 * @param covariance of the estimated deviations in spreads, row by row
 */
export const ovenLike = (
  air: number,
  { oven, ovenHeat }: KitchenDeviation,
  covariance: Float64Array,
  spreads: EstimatedSpreads,
): OvenLike => {
  const n = FITTED_PARAMETERS.length;
  const excess = air + oven - FACE;
  // Air that is not warmer than a face supplies no heat: the ratio is undefined.
  const share = excess > 0 ? ovenHeat : 1;
  const at = [FITTED_PARAMETERS.indexOf('oven'), FITTED_PARAMETERS.indexOf('ovenHeat')];
  const by = [share * spreads.oven, Math.max(0, excess) * ovenHeat * spreads.ovenHeat];
  const variance = at.reduce(
    (sum, j, a) => sum + at.reduce((row, k, b) => row + by[a] * covariance[j * n + k] * by[b], 0),
    0,
  );
  return { over: share * excess + FACE - air, sigma: Math.sqrt(Math.max(0, variance)) };
};
