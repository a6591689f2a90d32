import { ESTIMATED, type EstimatedSpreads } from './estimated';
import type { KitchenDeviation } from '../gear';

/** What the face of a piece has on the way in an oven: its air heats by what it has over this, C. Estimate, 50 to 80. */
const FACE = 65;

/** The oven as the piece meets it: its air, and how much of that reaches a face, in one figure. */
export interface OvenLike {
  /** K over the set temperature that a usual oven would need to heat as this one does. */
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
  const n = ESTIMATED.length;
  const over = Math.max(0, air + oven - FACE);
  const at = [ESTIMATED.indexOf('oven'), ESTIMATED.indexOf('ovenHeat')];
  const by = [ovenHeat * spreads.oven, over * ovenHeat * spreads.ovenHeat];
  const variance = at.reduce(
    (sum, j, a) => sum + at.reduce((row, k, b) => row + by[a] * covariance[j * n + k] * by[b], 0),
    0,
  );
  return { over: ovenHeat * over + FACE - air, sigma: Math.sqrt(Math.max(0, variance)) };
};
