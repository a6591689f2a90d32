import { expose } from 'comlink';
import {
  countChances,
  sumChances,
  type Chances,
  dayOf,
  fitMenu,
  parFor,
  type DemandDay,
  type Par,
  type ParCosts,
} from '@crustan/core/par';
import {
  portionOptions,
  scheduleService,
  type PortionOption,
  type PortionQuestion,
  type ServiceJob,
  type ServiceSchedule,
  waysOut,
  type WayOut,
} from '@crustan/core/pass';
import { LatestSearch } from './latestSearch';

const portions = new LatestSearch();

/** A dish's par for a day, with what was expected of it. */
export interface DishPar {
  readonly dish: string;
  readonly mean: number;
  /** Days of history it rests on. */
  readonly days: number;
  readonly trend: number;
  readonly par: Par;
  /** What was expected of the last days before, against what came. */
  readonly past: readonly {
    readonly date: string;
    readonly expected: number;
    readonly came: number;
  }[];
}

export interface ParAsked {
  /** What it is called, and the dishes that are made of it: several where they share a cut. */
  readonly dish: string;
  readonly of: readonly string[];
  readonly costs: ParCosts;
  readonly shelfDays: number;
  readonly stock: number;
}

/** Past days that are forecast from what came before them, and shown. */
const LOOKED_BACK = 14;

const pastOf = (
  history: readonly DemandDay[],
  dishes: readonly string[],
  day: number,
): DishPar['past'] => {
  const from = day - LOOKED_BACK;
  const fits = fitMenu(history.filter(({ date }) => dayOf(date) < from));
  const came = new Map<string, number>();
  for (const { date, dish, count } of history) {
    if (dishes.includes(dish)) came.set(date, (came.get(date) ?? 0) + count);
  }
  const foreseen = (on: number): number =>
    dishes.reduce((sum, dish) => sum + (fits.get(dish)?.on(on).mean ?? NaN), 0);
  return [...came]
    .filter(([date]) => dayOf(date) >= from && dayOf(date) < day)
    .map(([date, count]) => ({ date, expected: foreseen(dayOf(date)), came: count }))
    .filter(({ expected }) => Number.isFinite(expected))
    .toSorted((a, b) => dayOf(a.date) - dayOf(b.date));
};

const service = {
  schedule: (job: ServiceJob): ServiceSchedule => scheduleService(job),
  waysOut: (...asked: Parameters<typeof waysOut>): readonly WayOut[] => waysOut(...asked),
  /** Plans a portion each of its ways; undefined once another is asked for. */
  portion: (question: PortionQuestion): Promise<readonly PortionOption[] | undefined> =>
    portions.finish(portionOptions(question)),
  drop: (): void => portions.drop(),
  /** How many of each dish to have ready on a day. */
  pars: (history: readonly DemandDay[], date: string, asked: readonly ParAsked[]): DishPar[] => {
    const day = dayOf(date);
    const fits = fitMenu(history.filter((one) => dayOf(one.date) < day));
    return asked.flatMap(({ dish, of, costs, shelfDays, stock }): readonly DishPar[] => {
      const mine = of.flatMap((name) => fits.get(name) ?? []);
      const [first] = mine;
      if (!first) return [];
      const chancesOn = (on: number): Chances =>
        mine.map((fit) => countChances(fit.on(on))).reduce(sumChances);
      const later = Array.from({ length: shelfDays - 1 }, (_, i) => chancesOn(day + 1 + i));
      const par = parFor({
        demand: [chancesOn(day), ...later],
        costs,
        shelfDays,
        stock: { count: stock, age: 1 },
      });
      const past = pastOf(history, of, day);
      const mean = mine.reduce((sum, fit) => sum + fit.on(day).mean, 0);
      return [{ dish, mean, days: first.days, trend: first.trend, par, past }];
    });
  },
};

export type PassService = typeof service;
expose(service);
