import { drawn, even, seededRandom } from '@crustan/core/maths';
import {
  serviceGear,
  ServiceSearch,
  type ServiceJob,
  type ServiceSchedule,
} from '@crustan/core/pass';
import { scheduleResult } from '@crustan/core/pass/scheduleResult';
import { TicketSchedule } from '@crustan/core/pass/ticketSchedule';
import { drawnService, faultsOf } from '@crustan/core/tests';

/** Lines and pieces of the congested services, one after the other. */
const LINES = [
  { pans: 1, pieces: 20 },
  { pans: 2, pieces: 20 },
  { pans: 2, pieces: 40 },
  { pans: 4, pieces: 40 },
  { pans: 4, pieces: 60 },
] as const;
/** Time between pieces ordered for each pan, s: less than a pan takes for them. */
const SPACING = 70;
/** Step of the order times, s. */
const STEP = 20;

const PANS = [
  { name: 'Wide', diameter: 0.3, mass: 3.4 },
  { name: 'Small', diameter: 0.26, mass: 2.4 },
] as const;
const BURNER = { kind: 'gas', power: 3500 } as const;
const line = (pans: number): ServiceJob['gear'] =>
  serviceGear({
    pans: Array.from({ length: pans }, (_, i) => ({
      ...(i % 2 === 0 ? PANS[0] : PANS[1]),
      id: `p${i}`,
    })),
    burners: Array.from({ length: pans }, (_, i) => ({ ...BURNER, id: `b${i}` })),
    ovens: [{ id: 'oven', offset: 0, slots: 2 * pans }],
    holding: 4 * pans + 4,
    hands: Math.max(1, pans / 2),
  });

/** A service with more orders than the line can cook on time. */
const congestedService = (seed: number, nth: number): ServiceJob => {
  const random = seededRandom(7919 * seed + nth);
  const { pans, pieces } = drawn(() => (nth % LINES.length) / LINES.length, LINES);
  const gear = line(pans);
  const job = drawnService(random, pieces);
  return {
    ...job,
    gear,
    heat: { pans: gear.pans.map(() => 230), ovens: [180] },
    tickets: job.tickets.map((ticket) => {
      const later = STEP * Math.round((even(random, 0, SPACING) * pieces) / pans / STEP);
      const { from, promised } = ticket;
      return {
        ...ticket,
        from: from + later,
        promised: promised === undefined ? undefined : promised + later,
      };
    }),
  };
};

/** The schedule after the search has run for a time. */
const searchedFor = (job: ServiceJob, seconds: number): ServiceSchedule => {
  const search = new ServiceSearch(job);
  const began = performance.now();
  let passed = 0;
  while (passed < seconds && search.improve(passed / seconds)) {
    passed = (performance.now() - began) / 1000;
  }
  return search.schedule();
};

/** Lateness after a search that moves one ticket in the order of placement and keeps improvements, s. */
const orderSearchedFor = (job: ServiceJob, seconds: number): number => {
  const random = seededRandom(job.tickets.length);
  const scheduling = new TicketSchedule(job, {});
  let order = [...scheduling.byTime()];
  scheduling.placeInOrder(order);
  let [least, { late }] = [scheduling.cost(), scheduleResult(scheduling)];
  for (const began = performance.now(); performance.now() - began < 1000 * seconds;) {
    const one = drawn(random, order);
    const others = order.filter((i) => i !== one);
    const to = Math.floor(random() * order.length);
    const tried = [...others.slice(0, to), one, ...others.slice(to)];
    for (const i of order) scheduling.remove(i);
    scheduling.placeInOrder(tried);
    const cost = scheduling.cost();
    if (cost > least) continue;
    [least, order, late] = [cost, tried, scheduleResult(scheduling).late];
  }
  return late;
};

/** Lateness of one congested service, s: after a press's search, a search of a minute, an order search, and at first. */
interface SearchedService {
  readonly pans: number;
  readonly pieces: number;
  readonly late: number;
  readonly longer: number;
  readonly order: number;
  readonly greedy: number;
  /** Faults that an independent checker finds in the schedule. */
  readonly faults: number;
}

export interface SearchFigures {
  readonly services: readonly SearchedService[];
  /** Median time of a first schedule by the number of pieces, ms; then the longest move, ms. */
  readonly first: readonly {
    readonly pieces: number;
    readonly ms: number;
    readonly longestMove: number;
  }[];
}

const SERVICES = 20;
/** Searches, s: what follows a press, what it is compared with, and the simple one. */
const SEARCHED = 5;
const LONGER = 60;
const ORDERED = 15;

const searchedService = (seed: number, nth: number): SearchedService => {
  const job = congestedService(seed, nth);
  const found = searchedFor(job, SEARCHED);
  return {
    pans: job.gear.pans.length,
    pieces: job.tickets.reduce((sum, { pieces }) => sum + pieces.length, 0),
    late: found.late,
    longer: searchedFor(job, LONGER).late,
    order: orderSearchedFor(job, ORDERED),
    greedy: searchedFor(job, 0).late,
    faults: faultsOf(job, found).length,
  };
};

const SIZES = [40, 150, 240] as const;
const TIMED = 7;
const MOVES = 200;

const firstOf = (seed: number, pieces: number): SearchFigures['first'][number] => {
  const times: number[] = [];
  let longestMove = 0;
  for (let i = 0; i < TIMED; i += 1) {
    const gear = line(4);
    const job = {
      ...drawnService(seededRandom(7919 * seed + i), pieces),
      gear,
      heat: { pans: gear.pans.map(() => 230), ovens: [180] },
    };
    const began = performance.now();
    const search = new ServiceSearch(job);
    search.tell();
    times.push(performance.now() - began);
    for (let move = 0; move < MOVES; move += 1) {
      const from = performance.now();
      if (!search.improve(move / MOVES)) break;
      longestMove = Math.max(longestMove, performance.now() - from);
    }
  }
  const ms = times.toSorted((a, b) => a - b)[Math.floor(TIMED / 2)] ?? NaN;
  return { pieces, ms, longestMove };
};

/** A share of the congested services; the first share also takes the times. */
export const searchFigures = (seed: number, part: number, parts: number): SearchFigures => ({
  first: part === 0 ? SIZES.map((pieces) => firstOf(seed, pieces)) : [],
  services: Array.from({ length: SERVICES }, (_, nth) => nth)
    .filter((nth) => nth % parts === part)
    .map((nth) => searchedService(seed, nth)),
});
