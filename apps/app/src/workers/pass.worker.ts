import { expose } from 'comlink';
import {
  countChances,
  dayOf,
  fitMenu,
  parFor,
  type DemandDay,
  type DemandFit,
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
} from '@crustan/core/pass';

/** Longest the worker computes without looking whether it is still wanted, ms. */
const SPELL = 12;

let wanted = 0;

const breathe = (): Promise<void> =>
  new Promise((resolve) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => {
      port1.close();
      resolve();
    };
    port2.postMessage(null);
  });

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
  readonly dish: string;
  readonly costs: ParCosts;
  readonly shelfDays: number;
  readonly stock: number;
}

/** Past days that are forecast from what came before them, and shown. */
const LOOKED_BACK = 14;

const pastOf = (history: readonly DemandDay[], dish: string, day: number): DishPar['past'] => {
  const mine = history.filter((one) => one.dish === dish);
  const from = day - LOOKED_BACK;
  const fit = fitMenu(history.filter(({ date }) => dayOf(date) < from)).get(dish);
  return mine
    .filter(({ date }) => dayOf(date) >= from && dayOf(date) < day)
    .map(({ date, count }) => ({
      date,
      expected: fit?.on(dayOf(date)).mean ?? NaN,
      came: count,
    }))
    .filter(({ expected }) => Number.isFinite(expected));
};

const service = {
  schedule: (job: ServiceJob): ServiceSchedule => scheduleService(job),
  /** Plans a portion each of its ways; undefined once another is asked for. */
  portion: async (question: PortionQuestion): Promise<readonly PortionOption[] | undefined> => {
    wanted += 1;
    const mine = wanted;
    const search = portionOptions(question);
    let spell = performance.now();
    for (;;) {
      const step = search.next();
      if (step.done === true) return step.value;
      if (performance.now() - spell < SPELL) continue;
      await breathe();
      if (mine !== wanted) return undefined;
      spell = performance.now();
    }
  },
  drop: (): void => {
    wanted += 1;
  },
  /** How many of each dish to have ready on a day. */
  pars: (history: readonly DemandDay[], date: string, asked: readonly ParAsked[]): DishPar[] => {
    const day = dayOf(date);
    const fits = fitMenu(history.filter((one) => dayOf(one.date) < day));
    const chancesOn = (fit: DemandFit, on: number) => countChances(fit.on(on));
    return asked.flatMap(({ dish, costs, shelfDays, stock }) => {
      const fit = fits.get(dish);
      if (!fit) return [];
      const later = Array.from({ length: shelfDays - 1 }, (_, i) => chancesOn(fit, day + 1 + i));
      const par = parFor({
        demand: [chancesOn(fit, day), ...later],
        costs,
        shelfDays,
        stock: { count: stock, age: 1 },
      });
      const past = pastOf(history, dish, day);
      const { mean } = fit.on(day);
      return [{ dish, mean, days: fit.days, trend: fit.trend, par, past }];
    });
  },
};

export type PassService = typeof service;
expose(service);
