import { solveNormal, type NormalSolution } from './normalEquations';

/** One way a probe may lie, and what the model says it reads there. */
export interface Hypothesis {
  /** Before any reading. */
  readonly prior: number;
  /** Predicted readings at the point the model was linearised about, C. */
  readonly predicted: Float64Array;
  /** Slopes against each parameter: parameter x readings + reading, K per usual error. */
  readonly slopes: Float64Array;
  /** Deviation of a reading about the prediction, K, noise and model together. */
  readonly deviation: number;
}

/** What the readings say under one hypothesis. */
export interface Fit {
  /** Parameters, units of the usual error. */
  readonly at: Float64Array;
  readonly covariance: Float64Array;
  /** Weight among the hypotheses, summing to one. */
  readonly weight: number;
}

/** A thermometer's own constant error, one deviation, K. */
const CALIBRATION = 0.2;
/** A reading further off than this many deviations counts for no more: probes slip, hands shake. */
const TRIMMED = 4;

/**
 * Fits the parameters under each hypothesis by linear least squares against unit priors, with a
 * constant error of the thermometer as one more unknown, and weighs the hypotheses by how well they
 * explain the readings.
 * @param point the parameters the model was linearised about
 * @param known direct measurements of single parameters
 */
export const fitReadings = (
  hypotheses: readonly Hypothesis[],
  readings: ArrayLike<number>,
  point: Float64Array,
  known: readonly {
    readonly parameter: number;
    readonly value: number;
    readonly deviation: number;
  }[] = [],
): readonly Fit[] => {
  const m = point.length;
  const n = m + 1;
  const fitted = hypotheses.map((hypothesis) => {
    const { predicted, slopes, deviation } = hypothesis;
    const count = readings.length;
    const weights = new Float64Array(count).fill(1);
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
      for (let j = 0; j < m; j += 1) a[j * n + j] = 1;
      a[m * n + m] = 1 / CALIBRATION ** 2;
      for (const { parameter, value, deviation: spread } of known) {
        a[parameter * n + parameter] += 1 / spread ** 2;
        b[parameter] += value / spread ** 2;
      }
      for (let i = 0; i < count; i += 1) {
        const w = weights[i] / deviation ** 2;
        let rest = readings[i] - predicted[i];
        for (let j = 0; j < m; j += 1) rest += slopes[j * count + i] * point[j];
        for (let j = 0; j < n; j += 1) {
          const sj = j === m ? 1 : slopes[j * count + i];
          b[j] += w * sj * rest;
          for (let k = 0; k < n; k += 1) {
            a[j * n + k] += w * sj * (k === m ? 1 : slopes[k * count + i]);
          }
        }
      }
      solution = solveNormal(a, b);
      const { x } = solution;
      cost = (x[m] / CALIBRATION) ** 2;
      for (let j = 0; j < m; j += 1) cost += x[j] ** 2;
      for (const { parameter, value, deviation: spread } of known) {
        cost += ((x[parameter] - value) / spread) ** 2;
      }
      for (let i = 0; i < count; i += 1) {
        let off = readings[i] - predicted[i] - x[m];
        for (let j = 0; j < m; j += 1) off -= slopes[j * count + i] * (x[j] - point[j]);
        const far = Math.abs(off) / deviation;
        weights[i] = far > TRIMMED ? TRIMMED / far : 1;
        cost += far > TRIMMED ? TRIMMED * (2 * far - TRIMMED) : far ** 2;
      }
    }
    const evidence =
      Math.log(hypothesis.prior) -
      cost / 2 -
      solution.logDet / 2 -
      readings.length * Math.log(deviation);
    return { solution, evidence };
  });
  const most = Math.max(...fitted.map(({ evidence }) => evidence));
  const raw = fitted.map(({ evidence }) => Math.exp(evidence - most));
  const total = raw.reduce((sum, weight) => sum + weight, 0);
  return fitted.map(({ solution: { x, inverse } }, h) => {
    const covariance = new Float64Array(m * m);
    for (let j = 0; j < m; j += 1) {
      for (let k = 0; k < m; k += 1) covariance[j * m + k] = inverse[j * n + k];
    }
    return { at: x.slice(0, m), covariance, weight: raw[h] / total };
  });
};
