import { fitWeights, mixture } from '../maths/mixture';
import type { RobustFit } from '../maths/robustLeastSquares';
import { aheadDeviation } from '../plan/ranges/modelError';
import type { PlanRequest } from '../plan/request/request';
import { carriedShare } from './carriedShare';
import { addDiscrepancy, addEndDiscrepancy, DISCREPANCY_COUNT } from './discrepancy';
import { DISCREPANCY_AT, FITTED_PARAMETERS, FITTED } from './estimated';
import { LINEAR_STEP, type LinearModel } from './linearModel';
import type { ProbeKind } from './probePositions';
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
  /** The end after the model's pull, C, and its standard deviation, K. */
  readonly end: number;
  readonly endSigma: number;
  /** The model's own error at a moment, K. @param share of the time to the pull @param celsius what the model has */
  readonly discrepancy: (share: number, celsius: number) => number;
  readonly probe: { readonly kind: ProbeKind; readonly chance: number };
}

/** A slope of the end by the pull flatter than this would put the pull anywhere, K/s. */
const LEAST_SLOPE = 1e-4;

/** One account of the readings: how the probe lies, and the fit. */
export interface Account {
  readonly kind: ProbeKind;
  readonly fit: RobustFit;
}

/** The kind of position that is most probable, over all positions of that kind. */
const likeliest = (
  accounts: readonly Account[],
  weights: readonly number[],
): KitchenEstimate['probe'] => {
  const chances = new Map<ProbeKind, number>();
  accounts.forEach(({ kind }, h) => {
    chances.set(kind, (chances.get(kind) ?? 0) + weights[h]);
  });
  const [kind, chance] = [...chances].reduce((best, one) => (one[1] > best[1] ? one : best));
  return { kind, chance };
};

/**
 * Posterior mixture of the fits: each account of the readings has its weight.
 * @param lastRead time of the last reading, share of the time to the pull; 0 without one
 */
export const kitchenEstimate = (
  linear: LinearModel,
  accounts: readonly Account[],
  request: PlanRequest,
  lastRead: number,
): KitchenEstimate => {
  const { target: goal } = request;
  const n = FITTED_PARAMETERS.length;
  const fits = accounts.map(({ fit }) => fit);
  const weights = fitWeights(fits);
  const { mean, covariance } = mixture(fits, weights, FITTED);
  const { base, moved, endSlope, pull, point } = linear;
  const end = (run: TracedRun): number => run.end.reached;
  const endBy = new Float64Array(FITTED);
  moved.forEach((run, j) => (endBy[j] = (end(run) - end(base)) / LINEAR_STEP));
  addEndDiscrepancy(endBy, DISCREPANCY_AT, request, base.end.reached, carriedShare(linear));
  let expectedEnd = end(base);
  let endVariance = 0;
  for (let j = 0; j < FITTED; j += 1) {
    expectedEnd += endBy[j] * (mean[j] - (j < n ? point[j] : 0));
    for (let k = 0; k < FITTED; k += 1) {
      endVariance += endBy[j] * covariance[j * FITTED + k] * endBy[k];
    }
  }
  const slope = Math.abs(endSlope) < LEAST_SLOPE ? LEAST_SLOPE : endSlope;
  const endSigma = Math.hypot(Math.sqrt(endVariance), aheadDeviation(request, lastRead));
  return {
    mean: mean.slice(0, n),
    sigma: Float64Array.from({ length: n }, (_, j) => Math.sqrt(covariance[j * FITTED + j])),
    covariance: Float64Array.from(
      { length: n * n },
      (_, i) => covariance[Math.floor(i / n) * FITTED + (i % n)],
    ),
    pull: pull + (goal - expectedEnd) / slope,
    pullSigma: endSigma / Math.abs(slope),
    end: expectedEnd,
    endSigma,
    discrepancy: (share, celsius) => {
      const slopes = new Float64Array(DISCREPANCY_COUNT);
      addDiscrepancy(slopes, 0, request, share, celsius);
      return slopes.reduce((sum, slope, k) => sum + slope * mean[DISCREPANCY_AT + k], 0);
    },
    probe: likeliest(accounts, weights),
  };
};
