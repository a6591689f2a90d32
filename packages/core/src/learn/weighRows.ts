import { solveNormal, type NormalSolution } from '../live/normalEquations';

/** One measured figure as the model has it: linear in the parameters. */
export interface Row {
  readonly measured: number;
  /** At the point the model was run at. */
  readonly predicted: number;
  /** K per unit of each parameter. */
  readonly slopes: ArrayLike<number>;
  readonly deviation: number;
}

/** What rows say under one account of them. */
export interface Weighed {
  readonly x: Float64Array;
  readonly covariance: Float64Array;
  /** Log of how well they are explained. */
  readonly evidence: number;
}

/** A figure further off than this many deviations counts for no more: probes slip, hands shake. */
const TRIMMED = 3.5;

/**
 * Linear least squares of rows against parameters that each have a unit prior about zero.
 * @param point the parameters the model was run at
 */
export const weighRows = (rows: readonly Row[], point: Float64Array, prior: number): Weighed => {
  const n = point.length;
  const weights = new Float64Array(rows.length).fill(1);
  let solution: NormalSolution = {
    x: new Float64Array(n),
    inverse: new Float64Array(n * n),
    logDet: 0,
  };
  let cost = 0;
  // Twice: the second time what lies far off is held to its trim.
  for (let pass = 0; pass < 2; pass += 1) {
    const a = new Float64Array(n * n);
    const b = new Float64Array(n);
    for (let j = 0; j < n; j += 1) a[j * n + j] = 1;
    rows.forEach(({ measured, predicted, slopes, deviation }, i) => {
      const w = weights[i] / deviation ** 2;
      let rest = measured - predicted;
      for (let j = 0; j < n; j += 1) rest += slopes[j] * point[j];
      for (let j = 0; j < n; j += 1) {
        if (slopes[j] === 0) continue;
        b[j] += w * slopes[j] * rest;
        for (let k = 0; k < n; k += 1) a[j * n + k] += w * slopes[j] * slopes[k];
      }
    });
    solution = solveNormal(a, b);
    const { x } = solution;
    cost = x.reduce((sum, p) => sum + p * p, 0);
    rows.forEach(({ measured, predicted, slopes, deviation }, i) => {
      let off = measured - predicted;
      for (let j = 0; j < n; j += 1) off -= slopes[j] * (x[j] - point[j]);
      const far = Math.abs(off) / deviation;
      weights[i] = far > TRIMMED ? TRIMMED / far : 1;
      cost += far > TRIMMED ? TRIMMED * (2 * far - TRIMMED) : far ** 2;
    });
  }
  const noise = rows.reduce((sum, { deviation }) => sum + Math.log(deviation), 0);
  return {
    x: solution.x,
    covariance: solution.inverse,
    evidence: Math.log(prior) - cost / 2 - solution.logDet / 2 - noise,
  };
};

/** What several accounts of the same rows say together, each by how well it explains them. */
export const together = (
  accounts: readonly Weighed[],
  m: number,
): { readonly mean: Float64Array; readonly covariance: Float64Array } => {
  const most = Math.max(...accounts.map(({ evidence }) => evidence));
  const raw = accounts.map(({ evidence }) => Math.exp(evidence - most));
  const total = raw.reduce((sum, weight) => sum + weight, 0);
  const mean = new Float64Array(m);
  accounts.forEach(({ x }, h) => {
    for (let j = 0; j < m; j += 1) mean[j] += (raw[h] / total) * x[j];
  });
  const covariance = new Float64Array(m * m);
  accounts.forEach(({ x, covariance: own }, h) => {
    for (let j = 0; j < m; j += 1) {
      for (let k = 0; k < m; k += 1) {
        covariance[j * m + k] +=
          (raw[h] / total) * (own[j * x.length + k] + (x[j] - mean[j]) * (x[k] - mean[k]));
      }
    }
  });
  return { mean, covariance };
};
