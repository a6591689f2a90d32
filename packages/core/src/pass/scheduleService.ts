import { drawn, seededRandom, shuffled } from '../maths/random';
import { LandedTickets, type GridSpacing } from './landedTickets';
import { placeServiceSides } from './placeServiceSides';
import type { ServiceJob, ServiceSchedule } from './serviceSchedule';

export interface ScheduleOptions extends GridSpacing {
  /** Rounds of the local search; absent: by the number of pieces; 0: none. */
  readonly rounds?: number;
  /** First come, first served: no piece is begun before every piece of the tickets that were due before. */
  readonly inTurn?: boolean;
}

/** Rounds of the search over the pieces to be placed, and the most. */
const ROUNDS_BY_PIECE = 2400;
const MOST_ROUNDS = 400;
/** Placements that a search may look at: what a replanning may take. */
const MOST_TRIED = 60_000;
/** Tickets taken up anew in a round, beside the late one. */
const MOST_REMOVED = 3;

/**
 * Schedules every piece of every open ticket, so that a table's pieces land together and on time through the
 * gear that all share. Each ticket is landed as soon as it can be in the order of their times; then a few
 * tickets about a late one are taken up and landed in other orders, and what is better is kept. The same
 * job gives the same schedule.
 */
export const scheduleService = (
  job: ServiceJob,
  options: ScheduleOptions = {},
): ServiceSchedule => {
  const pieces = job.tickets.reduce((sum, ticket) => sum + ticket.pieces.length, 0);
  const usual = Math.min(MOST_ROUNDS, Math.ceil(ROUNDS_BY_PIECE / Math.max(1, pieces)));
  const { rounds = usual, inTurn = false } = options;
  const scheduling = new LandedTickets(job, options);
  const order = scheduling.byTime();
  if (inTurn) {
    scheduling.landInTurn(order);
    return withSides(scheduling);
  }
  scheduling.land(order);
  let best = scheduling.snapshot();
  let least = scheduling.cost();
  const random = seededRandom(pieces);
  for (let round = 0; round < rounds; round += 1) {
    const late = scheduling.lateOnes();
    if (late.length === 0 || scheduling.grid.tried > MOST_TRIED) break;
    const one = drawn(random, late);
    const near = scheduling.neighbours(one);
    const removed = new Set([one]);
    const wanted = Math.min(near.length, 1 + Math.floor(random() * MOST_REMOVED));
    while (removed.size < 1 + wanted) removed.add(drawn(random, near));
    removed.forEach((i) => scheduling.remove(i));
    scheduling.land(shuffled(random, removed), random() < 0.5 ? random : undefined);
    const cost = scheduling.cost();
    if (cost < least - 1e-6) {
      least = cost;
      best = scheduling.snapshot();
    } else scheduling.restore(best);
  }
  return withSides(scheduling);
};

const withSides = (scheduling: LandedTickets): ServiceSchedule => {
  const found = scheduling.result();
  return { ...found, sides: placeServiceSides(scheduling.grid, scheduling.job, found.tickets) };
};
