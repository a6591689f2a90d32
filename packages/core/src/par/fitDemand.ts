import { Matrix, solve, inverse } from 'ml-matrix';
import { dayOf, weekdayOf, type DemandDay } from './demandDay';

/** Forecast of a day: its mean, and the dispersion of counts beyond chance. */
export interface DemandForecast {
  readonly mean: number;
  /** Variance is mean + dispersion x mean^2: a negative binomial's. */
  readonly dispersion: number;
}

/** A dish's demand by weekday and trend. */
export interface DemandFit {
  readonly days: number;
  /** Log of the mean of the last day, without its weekday. */
  readonly level: number;
  /** Of the log of the mean over that of the dish: by weekday from Sunday, and per 28 days. */
  readonly weekdays: readonly number[];
  readonly trend: number;
  readonly dispersion: number;
  /** Forecast of a later day; its dispersion includes the uncertainty of the fit. */
  readonly on: (day: number) => DemandForecast;
}

/** Prior of a fit for the log of the mean: centres, and one standard deviation of each. */
export interface DemandPrior {
  readonly weekdays: readonly number[];
  readonly weekdayDeviation: number;
  /** Per 28 days. */
  readonly trend: number;
  readonly trendDeviation: number;
  /** Log of the mean; undefined: no prior. */
  readonly level?: { readonly centre: number; readonly deviation: number } | undefined;
}

/** Of a house that is not known. Estimates: a Saturday half as much again is nothing rare. */
const UNKNOWN_HOUSE: DemandPrior = {
  weekdays: [0, 0, 0, 0, 0, 0, 0],
  weekdayDeviation: 0.4,
  trend: 0,
  trendDeviation: 0.05,
};
/** Prior of the dispersion beyond chance, and its weight, days. */
const USUAL_DISPERSION = 0.1;
const DISPERSION_DAYS = 60;
const MOST_DISPERSION = 1.5;
/** Of Newton's method on the likelihood: it settles within a few. */
const ROUNDS = 12;
const TREND_DAYS = 28;
/**
 * Time after which the weight of a day for the level is halved, days: seasons change it. Estimate, by `bench -- pass`.
 */
const HALF_LIFE = 60;
/** The fewest pieces a day that a mean is taken for. */
const LEAST_MEAN = 0.05;

const WEEK = 7;

/** Intercept, seven weekdays, trend. */
const featuresOf = (day: number, from: number): number[] => [
  1,
  ...Array.from({ length: WEEK }, (_, w) => (weekdayOf(day) === w ? 1 : 0)),
  (day - from) / TREND_DAYS,
];

/**
 * Fits a dish's counts by weekday and trend: a Poisson regression of the log of the mean with normal priors on
 * weekdays and trend, weighted by the overdispersion of the residuals (quasi-likelihood, variance mean + dispersion x
 * mean^2; its method of moments shrunk to the prior).
 */
export const fitDemand = (
  history: readonly Omit<DemandDay, 'dish'>[],
  prior: DemandPrior = UNKNOWN_HOUSE,
): DemandFit => {
  const days = history.map(({ date }) => dayOf(date));
  const counts = history.map(({ count }) => count);
  const from = days.length > 0 ? Math.max(...days) : 0;
  const rows = days.map((day) => featuresOf(day, from));
  const size = WEEK + 2;
  const average = counts.reduce((sum, n) => sum + n, 0) / Math.max(1, counts.length);
  const { level } = prior;
  const centres = [
    level?.centre ?? Math.log(Math.max(LEAST_MEAN, average)),
    ...prior.weekdays,
    prior.trend,
  ];
  const beta = [...centres];
  const weights = days.map((day) => 2 ** ((day - from) / HALF_LIFE));
  const held = [
    level ? 1 / level.deviation ** 2 : 1e-6,
    ...prior.weekdays.map(() => 1 / prior.weekdayDeviation ** 2),
    1 / prior.trendDeviation ** 2,
  ];
  let dispersion = USUAL_DISPERSION;
  let precision = Matrix.diag(held);
  const meanOf = (row: readonly number[]): number =>
    Math.exp(row.reduce((sum, x, k) => sum + x * beta[k], 0));
  for (let round = 0; round < ROUNDS; round += 1) {
    precision = Matrix.diag(held);
    const slope = held.map((by, k) => by * (centres[k] - beta[k]));
    let [excess, weight] = [USUAL_DISPERSION * DISPERSION_DAYS, DISPERSION_DAYS];
    rows.forEach((row, i) => {
      const mean = Math.max(LEAST_MEAN, meanOf(row));
      const variance = mean + dispersion * mean * mean;
      const error = counts[i] - mean;
      for (let a = 0; a < size; a += 1) {
        slope[a] += (weights[i] * row[a] * mean * error) / variance;
        for (let b = 0; b < size; b += 1) {
          const more = (weights[i] * row[a] * row[b] * mean * mean) / variance;
          precision.set(a, b, precision.get(a, b) + more);
        }
      }
      // Rare counts say little of how they scatter.
      const says = (weights[i] * mean) / (1 + mean);
      excess += (says * (error * error - mean)) / (mean * mean);
      weight += says;
    });
    const step = solve(precision, Matrix.columnVector(slope)).to1DArray();
    step.forEach((by, k) => {
      beta[k] += Math.max(-1, Math.min(1, by));
    });
    dispersion = Math.min(MOST_DISPERSION, Math.max(0, excess / weight));
  }
  const doubt = inverse(precision);
  return {
    days: days.length,
    level: beta[0],
    weekdays: beta.slice(1, WEEK + 1),
    trend: beta[WEEK + 1],
    dispersion,
    on: (day) => {
      const row = featuresOf(day, from);
      const mean = Math.max(LEAST_MEAN, meanOf(row));
      const x = Matrix.columnVector(row);
      const variance = x.transpose().mmul(doubt).mmul(x).get(0, 0);
      // The doubt about the mean scatters the count as overdispersion does.
      return { mean, dispersion: dispersion + variance };
    },
  };
};
