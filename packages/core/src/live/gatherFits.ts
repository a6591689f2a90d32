import type { Fit } from './fitReadings';
import type { GuessedRun } from './guessedRun';
import { GUESSED } from './kitchenGuess';
import { STEP, type LinearModel } from './linearModel';
import type { Placed, ProbeKind } from './probeHypotheses';

/** What the readings say. */
export interface Told {
  readonly mean: Float64Array;
  readonly deviation: Float64Array;
  readonly pull: number;
  readonly pullDeviation: number;
  readonly endDeviation: number;
  readonly probe: { readonly kind: ProbeKind; readonly chance: number };
}

/**
 * What every place of the probe says together, each by its weight: the parameters, the pull that ends
 * at `goal` (C), how sure both are, and how the probe lies.
 */
export const gatherFits = (
  linear: LinearModel,
  hypotheses: readonly Placed[],
  fits: readonly Fit[],
  goal: number,
): Told => {
  const m = GUESSED.length;
  const chance = new Map<ProbeKind, number>();
  fits.forEach(({ weight }, h) => {
    const { kind } = hypotheses[h];
    chance.set(kind, (chance.get(kind) ?? 0) + weight);
  });
  // A probe that is out says nothing of the piece: its fit is at the priors.
  const { base, endSlope, pull, point } = linear;
  const slopeOf = (figure: (run: GuessedRun) => number): Float64Array =>
    Float64Array.from(linear.moved, (run) => (figure(run) - figure(base)) / STEP);
  const endBy = slopeOf((run) => run.end.peak);
  const steep = Math.abs(endSlope) < 1e-4 ? 1e-4 : endSlope;
  const pullOf = (at: Float64Array): number => {
    let end = base.end.peak;
    for (let j = 0; j < m; j += 1) end += endBy[j] * (at[j] - point[j]);
    return pull + (goal - end) / steep;
  };
  const mean = new Float64Array(m);
  fits.forEach(({ at, weight }) => at.forEach((p, j) => (mean[j] += weight * p)));
  const square = new Float64Array(m);
  let endVariance = 0;
  fits.forEach(({ at, covariance, weight }) => {
    let along = 0;
    let off = 0;
    for (let j = 0; j < m; j += 1) {
      square[j] += weight * (covariance[j * m + j] + (at[j] - mean[j]) ** 2);
      off += endBy[j] * (at[j] - mean[j]);
      for (let k = 0; k < m; k += 1) along += endBy[j] * covariance[j * m + k] * endBy[k];
    }
    endVariance += weight * (along + off * off);
  });
  const [kind, sure] = [...chance].reduce((best, one) => (one[1] > best[1] ? one : best));
  return {
    mean,
    deviation: square.map(Math.sqrt),
    pull: pullOf(mean),
    pullDeviation: Math.sqrt(endVariance) / Math.abs(steep),
    endDeviation: Math.sqrt(endVariance),
    probe: { kind, chance: sure },
  };
};
