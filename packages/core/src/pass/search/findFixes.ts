import { scheduleService } from './scheduleService';
import type { ServiceJob, ServiceSchedule } from '../slots/serviceSchedule';

/** Fix for a late table, and its result. Seconds of the service. */
export interface Fix {
  readonly by: { readonly kind: 'way'; readonly option: number } | { readonly kind: 'pan' };
  readonly landsAt: number;
  /** Lateness of all tables then. */
  readonly late: number;
}

/** Least gain of a fix for its table, s. */
const WORTH_IT = 60;
/**
 * Moves of the search for each schedule that is compared. A table has up to ten fixes, so that the full search for
 * each would keep a phone's processor busy all evening; both sides of the comparison get the same moves.
 */
const MOVES = 30;

const landingOf = ({ tickets }: ServiceSchedule, ticket: string): number =>
  tickets.find(({ id }) => id === ticket)?.landsAt ?? Infinity;

/** A job in which one piece is cooked a way that was chosen. */
const withWay = (job: ServiceJob, piece: string, only: number): ServiceJob => ({
  ...job,
  tickets: job.tickets.map((ticket) => ({
    ...ticket,
    pieces: ticket.pieces.map((one) => (one.id === piece ? { ...one, only } : one)),
  })),
});

/**
 * Fixes for a late table, each tried on the whole service: another method for the piece that delays it, and one more
 * pan. A fix that makes the service as a whole later is not returned.
 * @param of the late ticket, and the piece that delays it
 * @param withPan the same job with one more pan; undefined: no burner is free for one
 * @returns the soonest first
 */
export const findFixes = (
  job: ServiceJob,
  of: { readonly ticket: string; readonly piece: string },
  withPan?: ServiceJob,
): readonly Fix[] => {
  const now = scheduleService(job, { moves: MOVES });
  const piece = job.tickets.flatMap(({ pieces }) => pieces).find(({ id }) => id === of.piece);
  const others = piece && !piece.begun ? piece.options.keys() : [];
  const tried: readonly (readonly [Fix['by'], ServiceJob])[] = [
    ...[...others]
      .filter((option) => option !== (piece?.only ?? chosen(now, of.piece)))
      .map((option) => [{ kind: 'way', option }, withWay(job, of.piece, option)] as const),
    ...(withPan ? [[{ kind: 'pan' }, withPan] as const] : []),
  ];
  return tried
    .map(([by, asked]): Fix => {
      const found = scheduleService(asked, { moves: MOVES });
      return { by, landsAt: landingOf(found, of.ticket), late: found.late };
    })
    .filter(
      ({ landsAt, late }) =>
        // A fix that leaves the table without a place has no time.
        Number.isFinite(landsAt) &&
        landsAt + WORTH_IT <= landingOf(now, of.ticket) &&
        late <= now.late,
    )
    .toSorted((a, b) => a.landsAt - b.landsAt);
};

const chosen = ({ pieces }: ServiceSchedule, piece: string): number | undefined =>
  pieces.find(({ id }) => id === piece)?.option;
