import { drawn, even, normal, seededRandom } from '@crustan/core/maths';
import {
  countChances,
  dateOf,
  dayOf,
  drawCount,
  expected,
  fitMenu,
  optimizePrepCount,
  weekdayOf,
  type DemandForecast,
  type ParCosts,
  type ParQuestion,
} from '@crustan/core/par';

const HOUSES = 5;
const DISHES = 6;
/** Days of the week that pars are made for. */
const AHEAD = 7;
const FIRST = dayOf('2026-01-05');

/** Demand pattern that all dishes of a house share: factors of weekdays and months, as logarithms. */
interface House {
  readonly weekdays: readonly number[];
  readonly trend: number;
  /** Of its level over a year: half the swing as a logarithm, and when it is highest, share of the year. */
  readonly season: { readonly swing: number; readonly peak: number };
}

const YEAR_DAYS = 365;

const seasonal = (day: number, { season: { swing, peak } }: House): number =>
  swing * Math.cos(2 * Math.PI * ((day - FIRST) / YEAR_DAYS - peak));

/** A dish's true demand: its mean by weekday and trend, and how counts scatter. */
const drawnDish = (random: () => number, house: House): ((day: number) => DemandForecast) => {
  const mean = Math.exp(even(random, Math.log(3), Math.log(25)));
  const weekdays = house.weekdays.map((shared) => Math.exp(shared + 0.15 * normal(random)));
  const trend = house.trend + 0.03 * normal(random);
  const dispersion = even(random, 0.02, 0.2);
  return (day) => ({
    mean:
      mean *
      (weekdays[weekdayOf(day)] ?? 1) *
      Math.exp((trend * (day - FIRST)) / 28 + seasonal(day, house)),
    dispersion,
  });
};

/** Mean cost of `ready` pieces under the true demand. */
const trueCost = (question: ParQuestion, ready: number): number => {
  const { costs, demand, shelfDays } = question;
  const [today, tomorrow = today] = demand;
  const last = (left: number): number => costs.wasted * left;
  const after = (left: number): number =>
    shelfDays === 1
      ? last(left)
      : costs.kept * left + expected(tomorrow, (n) => last(Math.max(0, left - n)));
  return expected(today, (n) => (n > ready ? costs.tooFew * (n - ready) : after(ready - n)));
};

/** Lengths of a logbook's history: half a year to a year, and a season, days. */
export const YEAR = [182, 364] as const;
export const SEASON = [84] as const;

/**
 * Expected cost of the prep counts from fitted demand over that of the counts from the true one.
 * @param books days of history that a house has, drawn among them
 * @param swing logarithm of the half amplitude of the level over a year
 */
export const parRegret = (seed: number, books: readonly number[], swing = 0): number => {
  const random = seededRandom(seed);
  // Of their own, so that the houses of a seed stay what they were.
  const seasons = seededRandom(seed + 1);
  let [found, best] = [0, 0];
  for (let h = 0; h < HOUSES; h += 1) {
    const house: House = {
      weekdays: Array.from({ length: 7 }, () => even(random, -0.5, 0.5)),
      trend: even(random, -0.06, 0.06),
      season: { swing, peak: seasons() },
    };
    const days = drawn(random, books);
    const truths = Array.from({ length: DISHES }, () => drawnDish(random, house));
    const history = truths.flatMap((truth, dish) =>
      Array.from({ length: days }, (_, n) => ({
        date: dateOf(FIRST + n),
        dish: String(dish),
        count: drawCount(random, truth(FIRST + n)),
      })),
    );
    const fits = fitMenu(history);
    truths.forEach((truth, dish) => {
      const fit = fits.get(String(dish));
      if (!fit) throw new Error('every dish is fitted');
      const costs: ParCosts = { tooFew: even(random, 3, 12), kept: 1, wasted: even(random, 3, 9) };
      const shelfDays = random() < 0.5 ? 1 : 2;
      for (let n = 0; n < AHEAD; n += 1) {
        const day = FIRST + days + n;
        const question = (on: (day: number) => DemandForecast): ParQuestion => ({
          demand: [countChances(on(day)), countChances(on(day + 1))],
          costs,
          shelfDays,
        });
        const really = question(truth);
        found += trueCost(really, optimizePrepCount(question(fit.on)).ready);
        best += trueCost(really, optimizePrepCount(really).ready);
      }
    });
  }
  return found / best;
};
