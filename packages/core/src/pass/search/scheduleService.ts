import { TicketSchedule, type GridSpacing } from '../slots/ticketSchedule';
import { scheduleResult } from '../slots/scheduleResult';
import { ServiceSearch } from './serviceSearch';
import type { ServiceJob, ServiceSchedule } from '../slots/serviceSchedule';

export interface ScheduleOptions extends GridSpacing {
  /** Moves of the search; default: by the number of pieces; 0: none. */
  readonly moves?: number;
}

/** Moves of the search over the pieces to be placed, and the most. */
const MOVES_BY_PIECE = 2400;
const MOST_MOVES = 400;

/**
 * Schedules every piece of every open ticket, so that a table's pieces are ready together and on time with the shared
 * equipment. Tickets are placed as early as possible in the order of their times, and a search of limited length
 * improves the result. The same job gives the same schedule.
 */
export const scheduleService = (
  job: ServiceJob,
  { moves, ...spacing }: ScheduleOptions = {},
): ServiceSchedule => {
  const pieces = job.tickets.reduce((sum, ticket) => sum + ticket.pieces.length, 0);
  const most = moves ?? Math.min(MOST_MOVES, Math.ceil(MOVES_BY_PIECE / Math.max(1, pieces)));
  const search = new ServiceSearch(job, spacing);
  for (let move = 0; move < most; move += 1) if (!search.improve(move / most)) break;
  return search.schedule();
};

/** First come, first served: no piece is begun before every piece of the tickets that were due before. */
export const scheduleInTurn = (job: ServiceJob, spacing: GridSpacing = {}): ServiceSchedule => {
  const scheduling = new TicketSchedule(job, spacing);
  scheduling.placeInTurn(scheduling.byTime());
  return scheduleResult(scheduling);
};
