import { solveNormal, type NormalSolution } from './normalEquations';

/** One observation, linear in the parameters about the point where the model was run. */
export interface Observation {
  readonly measured: number;
  /** The model's value at that point. */
  readonly predicted: number;
  /** Change of the model's value per unit of each parameter. */
  readonly slopes: ArrayLike<number>;
  /** Measurement noise: standard deviation about the model. */
  readonly sigma: number;
}

export interface RobustFit {
  readonly mean: Float64Array;
  /** Row by row. */
  readonly covariance: Float64Array;
  /** Log of the evidence, but for a constant that is the same for every fit of these parameters. */
  readonly logEvidence: number;
}

/** Residuals beyond this many sigma count linearly (Huber's loss): probes slip, hands shake. */
const HUBER = 3.5;
/** Passes of reweighting: the second one holds the outliers that the first one found. */
const PASSES = 2;

export interface FitPrior {
  /** Probability of this account of the observations before any was made. */
  readonly chance: number;
  /** Standard deviation of each parameter about zero. */
  readonly sigma: ArrayLike<number>;
}

/**
 * Linear least squares with Huber's loss and a normal prior on every parameter about zero.
 * @param point parameters at which the model was run
 */
export const robustLeastSquares = (
  observations: readonly Observation[],
  point: Float64Array,
  prior: FitPrior,
): RobustFit => {
  const n = point.length;
  const weights = new Float64Array(observations.length).fill(1);
  let solution: NormalSolution = {
    x: new Float64Array(n),
    inverse: new Float64Array(n * n),
    logDet: 0,
  };
  let cost = 0;
  for (let pass = 0; pass < PASSES; pass += 1) {
    const a = new Float64Array(n * n);
    const b = new Float64Array(n);
    for (let j = 0; j < n; j += 1) a[j * n + j] = 1 / prior.sigma[j] ** 2;
    observations.forEach(({ measured, predicted, slopes, sigma }, i) => {
      const weight = weights[i] / sigma ** 2;
      let atZero = measured - predicted;
      for (let j = 0; j < n; j += 1) atZero += slopes[j] * point[j];
      for (let j = 0; j < n; j += 1) {
        if (slopes[j] === 0) continue;
        b[j] += weight * slopes[j] * atZero;
        for (let k = 0; k < n; k += 1) a[j * n + k] += weight * slopes[j] * slopes[k];
      }
    });
    solution = solveNormal(a, b);
    const { x } = solution;
    cost = x.reduce((sum, value, j) => sum + (value / prior.sigma[j]) ** 2, 0);
    observations.forEach(({ measured, predicted, slopes, sigma }, i) => {
      let residual = measured - predicted;
      for (let j = 0; j < n; j += 1) residual -= slopes[j] * (x[j] - point[j]);
      const size = Math.abs(residual) / sigma;
      weights[i] = size > HUBER ? HUBER / size : 1;
      cost += size > HUBER ? HUBER * (2 * size - HUBER) : size ** 2;
    });
  }
  const logNoise = observations.reduce((sum, { sigma }) => sum + Math.log(sigma), 0);
  let logPrior = Math.log(prior.chance);
  for (let j = 0; j < n; j += 1) logPrior -= Math.log(prior.sigma[j]);
  return {
    mean: solution.x,
    covariance: solution.inverse,
    logEvidence: logPrior - cost / 2 - solution.logDet / 2 - logNoise,
  };
};
