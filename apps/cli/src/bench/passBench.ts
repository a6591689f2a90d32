import loadHighs from 'highs';
import { seededRandom } from '@crustan/core/maths';
import {
  scheduleInTurn,
  scheduleService,
  type ServiceJob,
  type TicketJob,
} from '@crustan/core/pass';
import {
  simulateService,
  type ServiceOutcome,
  type SimulatedService,
} from '@crustan/core/simulation';
import { drawnService as drawnCase, exactLateness, LINE } from '@crustan/core/tests';
import { parRegret, SEASON, YEAR } from './parRegret';
import { benchLine, drawnService, planMenu, type Portion } from './passServices';

/** Results of schedules over simulated services. Shares are of all services together. */
export interface PassFigures {
  readonly seed: number;
  readonly services: number;
  readonly pieces: number;
  /** Share of tickets ready within 90 s of their promise, or of the earliest possible time. */
  readonly onTime: number;
  /** Share of tables whose pieces are ready within a minute of each other. */
  readonly together: number;
  /** Pieces rested longer than they keep. */
  readonly overRested: number;
  /** Lateness over that of the same services cooked first come, first served. */
  readonly againstFirstCome: number;
  /** Lateness over the exact optimum of small services. */
  readonly againstOptimum: number;
  readonly optima: number;
  /** Median of one replanning with forty pieces open, ms. */
  readonly replanMs: number;
  /** Expected cost of prep counts from a logbook's data, over that of the best possible. */
  readonly parRegret: number;
  /** The same from books of one season. */
  readonly parRegretOfSeason: number;
  /** The same from a year in which the level of the house moves with the seasons. */
  readonly parRegretMoving: number;
}

const ON_TIME = 90;
const TOGETHER = 60;
const SMALL_SERVICES = 20;
const SMALL_PIECES = 8;
const SMALL_SLOT = 20;
const REPLANS = 15;

const median = (all: readonly number[]): number =>
  all.toSorted((a, b) => a - b)[Math.floor(all.length / 2)] ?? NaN;

const readyTime = ({ pieces }: ServiceOutcome['sent'][number]): number =>
  Math.max(...pieces.map(({ sentAt }) => sentAt));

/** Lateness of a service against what its tickets are held to, s. */
const latenessOf = ({ sent }: ServiceOutcome, due: ReadonlyMap<string, number>): number =>
  sent.reduce(
    (sum, each) => sum + Math.max(0, readyTime(each) - (due.get(each.id) ?? Infinity)),
    0,
  );

/** Optima of small services: a line of one pan and one cook, where pieces stand in each other's way. */
const againstOptimum = async (seed: number): Promise<number> => {
  const highs = await loadHighs();
  const solve = (programme: string): number => {
    const found = highs.solve(programme);
    if (found.Status !== 'Optimal') throw new Error(`the small service is ${found.Status}`);
    return found.ObjectiveValue;
  };
  const [, small] = LINE.pans;
  const [oven] = LINE.ovens;
  if (!small || !oven) throw new Error('the line has two pans and an oven');
  const gear = { ...LINE, pans: [small], ovens: [{ ...oven, slots: 3 }], holding: 99 };
  let [found, best] = [0, 0];
  for (let i = 0; i < SMALL_SERVICES; i += 1) {
    const random = seededRandom(1000 * seed + i);
    const job = drawnCase(random, 3 + (i % (SMALL_PIECES - 2)), gear);
    const spacing = { slot: SMALL_SLOT, plating: SMALL_SLOT };
    const { late } = scheduleService(job, spacing);
    found += late;
    best += late === 0 ? 0 : exactLateness(job, { ...spacing, atMost: late }, solve);
  }
  return found / best;
};

/** One replanning of forty pieces that have all been ordered, ms. */
const replanMs = (seed: number, menu: readonly Portion[]): number => {
  const gear = benchLine();
  const { tickets, heat } = drawnService(seed, menu, gear);
  const jobs = tickets.map(({ id, orderedAt, promised, pieces }): TicketJob => ({
    id,
    from: orderedAt,
    promised,
    pieces,
  }));
  const job: ServiceJob = { gear, now: 0, heat, tickets: jobs };
  const began = performance.now();
  scheduleService(job);
  return performance.now() - began;
};

const SERVICES = 30;
/** A house whose level moves with the seasons is half as busy again at their height. Estimate. */
const SWING = 0.4;

export const passFigures = async (seed: number, services = SERVICES): Promise<PassFigures> => {
  const gear = benchLine();
  const menu = planMenu(gear);
  const counts = { tickets: 0, onTime: 0, together: 0, pieces: 0, overRested: 0 };
  let [late, lateInTurn] = [0, 0];
  for (let i = 0; i < services; i += 1) {
    const service = drawnService(100 * seed + i, menu, gear);
    const cooked = (schedule: SimulatedService['schedule']): ServiceOutcome =>
      simulateService({ ...service, random: seededRandom(100 * seed + i), schedule });
    const one = cooked((job) => scheduleService(job));
    const inTurn = cooked((job) => scheduleInTurn(job));
    const due = new Map(one.sent.map(({ id, promised, quoted }) => [id, promised ?? quoted]));
    late += latenessOf(one, due);
    lateInTurn += latenessOf(inTurn, due);
    for (const ticket of one.sent) {
      const at = readyTime(ticket);
      counts.tickets += 1;
      if (at <= (due.get(ticket.id) ?? 0) + ON_TIME) counts.onTime += 1;
      if (at - Math.min(...ticket.pieces.map(({ sentAt }) => sentAt)) <= TOGETHER) {
        counts.together += 1;
      }
      counts.pieces += ticket.pieces.length;
      counts.overRested += ticket.pieces.filter(({ overRested }) => overRested > 0).length;
    }
  }
  const replans = Array.from({ length: REPLANS }, (_, i) => replanMs(100 * seed + i, menu));
  return {
    seed,
    services,
    pieces: counts.pieces,
    onTime: counts.onTime / counts.tickets,
    together: counts.together / counts.tickets,
    overRested: counts.overRested / counts.pieces,
    againstFirstCome: late / lateInTurn,
    againstOptimum: await againstOptimum(seed),
    optima: SMALL_SERVICES,
    replanMs: median(replans),
    parRegret: parRegret(seed, YEAR),
    parRegretOfSeason: parRegret(seed, SEASON),
    parRegretMoving: parRegret(seed, YEAR, SWING),
  };
};
