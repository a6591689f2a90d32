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

/** Standard deviations of the oven's air, K, and of the logarithm of its heat transfer, and their covariance. */
export interface OvenUncertainty {
  readonly air: number;
  readonly heat: number;
  readonly both: number;
}

/**
 * The uncertainty of two estimates that are in units of their spreads.
 * @param covariance in those units, row by row, of `n` estimates
 * @param at positions of the oven's air and its heat transfer
 */
export const ovenUncertainty = (
  covariance: Float64Array,
  n: number,
  [air, heat]: readonly [number, number],
  spreads: Readonly<Record<'oven' | 'ovenHeat', number>>,
): OvenUncertainty => ({
  air: spreads.oven * Math.sqrt(covariance[air * n + air]),
  heat: spreads.ovenHeat * Math.sqrt(covariance[heat * n + heat]),
  both: spreads.oven * spreads.ovenHeat * covariance[air * n + heat],
});

/**
 * The oven's two deviations as one of its air. Readings in the meat tell them apart poorly: what they
 * add up to is known much better than either.
 * @param air set temperature, C
 */
export const ovenLike = (
  air: number,
  { oven, ovenHeat }: Pick<KitchenDeviation, 'oven' | 'ovenHeat'>,
  uncertainty: OvenUncertainty,
): OvenLike => {
  const excess = air + oven - FACE;
  // Air that is not warmer than a face supplies no heat: the ratio is undefined.
  const share = excess > 0 ? ovenHeat : 1;
  const ofHeat = Math.max(0, excess) * ovenHeat;
  const variance =
    (share * uncertainty.air) ** 2 +
    (ofHeat * uncertainty.heat) ** 2 +
    2 * share * ofHeat * uncertainty.both;
  return { over: share * excess + FACE - air, sigma: Math.sqrt(Math.max(0, variance)) };
};
