import { fitWeights, mixture } from '../maths/mixture';
import type { RobustFit } from '../maths/robustLeastSquares';
import { ESTIMATED } from './estimated';
import { LINEAR_STEP, type LinearModel } from './linearModel';
import type { ProbeKind, ProbePosition } from './probePositions';
import type { TracedRun } from './tracedRun';

/** The posterior of the fit: the kitchen, the pull and the end, and how the probe lies. */
export interface KitchenEstimate {
  /** In spreads, in the order of `ESTIMATED`. */
  readonly mean: Float64Array;
  readonly sigma: Float64Array;
  /** Row by row. */
  readonly covariance: Float64Array;
  /** s from the first heat. */
  readonly pull: number;
  readonly pullSigma: number;
  /** K. */
  readonly endSigma: number;
  readonly probe: { readonly kind: ProbeKind; readonly chance: number };
}

/** A slope of the end by the pull flatter than this would put the pull anywhere, K/s. */
const LEAST_SLOPE = 1e-4;

/** The kind of position that is most probable, over all positions of that kind. */
const likeliest = (
  positions: readonly ProbePosition[],
  weights: readonly number[],
): KitchenEstimate['probe'] => {
  const chances = new Map<ProbeKind, number>();
  positions.forEach(({ kind }, h) => {
    chances.set(kind, (chances.get(kind) ?? 0) + weights[h]);
  });
  const [kind, chance] = [...chances].reduce((best, one) => (one[1] > best[1] ? one : best));
  return { kind, chance };
};

/**
 * The estimate from the fits of all positions of the probe, each by its weight.
 * @param goal end temperature the pull is for, C
 */
export const kitchenEstimate = (
  linear: LinearModel,
  positions: readonly ProbePosition[],
  fits: readonly RobustFit[],
  goal: number,
): KitchenEstimate => {
  const n = ESTIMATED.length;
  const weights = fitWeights(fits);
  const { mean, covariance } = mixture(fits, weights, n);
  const { base, moved, endSlope, pull, point } = linear;
  const end = (run: TracedRun): number => run.end.reached;
  const endBy = moved.map((run) => (end(run) - end(base)) / LINEAR_STEP);
  let expectedEnd = end(base);
  let endVariance = 0;
  for (let j = 0; j < n; j += 1) {
    expectedEnd += endBy[j] * (mean[j] - point[j]);
    for (let k = 0; k < n; k += 1) endVariance += endBy[j] * covariance[j * n + k] * endBy[k];
  }
  const slope = Math.abs(endSlope) < LEAST_SLOPE ? LEAST_SLOPE : endSlope;
  const endSigma = Math.sqrt(endVariance);
  return {
    mean,
    sigma: Float64Array.from({ length: n }, (_, j) => Math.sqrt(covariance[j * n + j])),
    covariance,
    pull: pull + (goal - expectedEnd) / slope,
    pullSigma: endSigma / Math.abs(slope),
    endSigma,
    probe: likeliest(positions, weights),
  };
};
