import { expose } from 'comlink';
import {
  countChances,
  sumChances,
  type Chances,
  dayOf,
  fitMenu,
  optimizePrepCount,
  type DemandDay,
  type PrepCount,
  type ParCosts,
} from '@crustan/core/par';
import {
  joinedPlate,
  plateTogether,
  portionOptions,
  ServiceSearch,
  type PlanMemory,
  type JoinedPlate,
  type JoinQuestion,
  type PlateFound,
  type PlateQuestion,
  type PortionOption,
  type PortionQuestion,
  type ServiceJob,
  type ServiceSchedule,
  findFixes,
  type Fix,
} from '@crustan/core/pass';
import { breathe, SPELL } from './breathe';
import { LatestSearch } from './latestSearch';

const portions = new LatestSearch();
const searches = new LatestSearch();
const plates = new LatestSearch();

/** Largest number of a plate's plans in the cache, the newest last. */
const MOST_KNOWN = 60;
const known = new Map<string, ReturnType<PlanMemory['get']> & object>();
const memory: PlanMemory = {
  get: (key) => known.get(key),
  set: (key, found) => {
    known.set(key, found);
    const oldest = known.keys().next().value;
    if (known.size > MOST_KNOWN && oldest !== undefined) known.delete(oldest);
  },
};
/** The search of the last job, as long as no other has come. */
let searched: ServiceSearch | undefined;
/** Time of the search before a press's first schedule is shown, ms. */
const FIRST = 80;

/** Least gain for which an improved schedule is published, s of lateness: a board that changes must be read again. */
const WORTH_TELLING = 15;

/** Prep count of a dish for a day, with its past forecasts. */
export interface DishPar {
  readonly dish: string;
  readonly mean: number;
  /** Days of history it rests on. */
  readonly days: number;
  /** The house is always closed on this weekday. */
  readonly closed: boolean;
  readonly trend: number;
  readonly par: PrepCount;
  /** Expected and actual counts of the last days. */
  readonly past: readonly {
    readonly date: string;
    readonly expected: number;
    readonly came: number;
  }[];
}

export interface ParAsked {
  /** Name, and the dishes made of it: several if they share a cut. */
  readonly dish: string;
  readonly of: readonly string[];
  readonly costs: ParCosts;
  readonly shelfDays: number;
  readonly stock: number;
}

/** Number of past days for which forecasts are computed and shown. */
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

/** A search that reports its intermediate results. */
function* telling<S, T>(
  search: Generator<S | null, T>,
  tell: (step: S) => void,
): Generator<null, T> {
  for (;;) {
    const step = search.next();
    if (step.done === true) return step.value;
    if (step.value !== null) tell(step.value);
    yield null;
  }
}

const service = {
  /** A job's first schedule, at once: where a schedule was published, its places and those of the new pieces. */
  schedule: (job: ServiceJob): ServiceSchedule => {
    searches.drop();
    const search = new ServiceSearch(job);
    const began = performance.now();
    let passed = 0;
    while (!search.isAsPublished && passed < FIRST && search.improve(passed / FIRST))
      passed = performance.now() - began;
    searched = search;
    return search.tell();
  },
  /**
   * Continues the last job's search.
   * @param ms duration, unless another job comes
   * @returns a better schedule; undefined if none was found, or another job has come
   */
  improve: async (ms: number): Promise<ServiceSchedule | undefined> => {
    const wanted = searches.begin();
    const search = searched;
    if (!search) return undefined;
    const before = search.cost;
    const began = performance.now();
    let passed = 0;
    let more = true;
    while (more && passed < ms) {
      const spell = performance.now();
      while (more && performance.now() - spell < SPELL) {
        more = search.improve(passed / ms);
        passed = performance.now() - began;
      }
      await breathe();
      if (!wanted()) return undefined;
    }
    return search.cost < before - WORTH_TELLING ? search.tell() : undefined;
  },
  /** Ends the search: something has happened that asks for another. */
  stop: (): void => searches.drop(),
  findFixes: (...asked: Parameters<typeof findFixes>): readonly Fix[] => findFixes(...asked),
  /** Plans a portion each of its ways; undefined once another is asked for. */
  portion: (question: PortionQuestion): Promise<readonly PortionOption[] | undefined> =>
    portions.finish(portionOptions(question)),
  drop: (): void => portions.drop(),
  /**
   * Times several pieces for one plate; undefined once another is asked for.
   * @param tell hears the plate before the changes that would be better are known
   */
  plate: (
    question: PlateQuestion,
    tell: (found: PlateFound) => void,
  ): Promise<PlateFound | undefined> =>
    plates.finish(telling(plateTogether(question, memory), tell)),
  joined: (question: JoinQuestion): JoinedPlate | undefined => joinedPlate(question),
  /** Nobody waits for the plate any more. */
  dropPlate: (): void => plates.drop(),
  /** Prep count of each dish on a day. */
  pars: (
    history: readonly DemandDay[],
    date: string,
    asked: readonly ParAsked[],
    likeIt: ReadonlyMap<string, readonly string[]>,
  ): DishPar[] => {
    const day = dayOf(date);
    const fits = fitMenu(
      history.filter((one) => dayOf(one.date) < day),
      likeIt,
    );
    return asked.flatMap(({ dish, of, costs, shelfDays, stock }): readonly DishPar[] => {
      const mine = of.flatMap((name) => fits.get(name) ?? []);
      const [first] = mine;
      if (!first) return [];
      const chancesOn = (on: number): Chances =>
        mine.map((fit) => countChances(fit.on(on))).reduce(sumChances);
      const later = Array.from({ length: shelfDays - 1 }, (_, i) => chancesOn(day + 1 + i));
      const par = optimizePrepCount({
        demand: [chancesOn(day), ...later],
        costs,
        shelfDays,
        stock: { count: stock, age: 1 },
      });
      const past = pastOf(history, of, day);
      const mean = mine.reduce((sum, fit) => sum + fit.on(day).mean, 0);
      return [{ dish, mean, days: first.days, trend: first.trend, closed: mean === 0, par, past }];
    });
  },
};

export type PassService = typeof service;
expose(service);
