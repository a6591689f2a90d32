import type { DemandForecast } from './fitDemand';

/** Chances of 0, 1, 2 ... pieces. */
export type Chances = readonly number[];

/** Probability beyond the last count that is computed. */
const TAIL = 1e-7;
const MOST = 600;
/** Below this the negative binomial is a Poisson distribution. */
const NO_DISPERSION = 1e-6;

/**
 * Chances of a count: a negative binomial of a mean and a dispersion, by its recurrence
 * p(n) = p(n - 1) (n - 1 + r) / n x m / (m + r), with r = 1 / dispersion.
 */
export const countChances = ({ mean, dispersion }: DemandForecast): Chances => {
  const poisson = dispersion < NO_DISPERSION;
  const r = 1 / Math.max(NO_DISPERSION, dispersion);
  const chances: number[] = [poisson ? Math.exp(-mean) : (r / (r + mean)) ** r];
  let sum = chances[0];
  for (let n = 1; n < MOST && sum < 1 - TAIL; n += 1) {
    const before = chances[n - 1];
    const next = poisson ? (before * mean) / n : (before * (n - 1 + r) * mean) / (n * (mean + r));
    chances.push(next);
    sum += next;
  }
  return chances.map((chance) => chance / sum);
};

/** Chances of the sum of two counts that know nothing of each other: dishes of one cut. */
export const sumChances = (a: Chances, b: Chances): Chances => {
  const sum = Array.from({ length: a.length + b.length - 1 }, () => 0);
  a.forEach((chance, i) => {
    b.forEach((other, j) => {
      sum[i + j] += chance * other;
    });
  });
  return sum;
};

/** The mean of f over a count. */
export const expected = (chances: Chances, f: (count: number) => number): number =>
  chances.reduce((sum, chance, n) => sum + chance * f(n), 0);

/** The least count that is not exceeded with a chance. */
export const quantile = (chances: Chances, chance: number): number => {
  let sum = 0;
  for (let n = 0; n < chances.length; n += 1) {
    sum += chances[n];
    if (sum >= chance) return n;
  }
  return chances.length - 1;
};
