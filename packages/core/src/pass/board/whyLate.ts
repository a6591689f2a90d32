import type { Ticket } from '../orders/serviceTickets';
import { TOUCH } from './task';

/** Cause of a table's lateness: the one that cost the most. */
export const LATE_REASONS = [
  'asked-late',
  'begun-late',
  'cooked-longer',
  'stood-ready',
  'cooked-again',
] as const;
export type LateReason = (typeof LATE_REASONS)[number];

export interface WhyLate {
  readonly reason: LateReason;
  readonly seconds: number;
}

/** One piece as cooked, ms since 1970, and as planned, s. */
export interface CookedPiece {
  readonly beganAt: number;
  readonly pulledAt: number;
  readonly cookSeconds: number;
  readonly restSeconds: number;
}

/**
 * Reason why a table was late: the piece that was ready last is followed back from the sending. The lateness is the
 * sum of its wait, its excess time on the heat, and the delay of its start; if even a piece started with the order
 * would have been late, the order was.
 * @param dueAt ms since 1970
 * @returns undefined if its pieces were not followed
 */
export const whyLate = (
  { dropped, firedAt, sentAt, pieces }: Ticket,
  dueAt: number,
  cooked: readonly CookedPiece[],
): WhyLate | undefined => {
  if (sentAt === undefined) return undefined;
  if (dropped.length > 0) return { reason: 'cooked-again', seconds: (sentAt - dueAt) / 1000 };
  const readyAt = ({ pulledAt, restSeconds }: CookedPiece): number => pulledAt / 1000 + restSeconds;
  const last = cooked.toSorted((a, b) => readyAt(b) - readyAt(a)).at(0);
  if (!last) return undefined;
  const plating = TOUCH.plate * pieces.length;
  const takes = last.cookSeconds + last.restSeconds + plating;
  const begun = last.beganAt / 1000 - (dueAt / 1000 - takes);
  const asked = firedAt / 1000 - (dueAt / 1000 - takes);
  const found: readonly WhyLate[] = [
    // Of a late begin, what the order itself left no time for is the order's.
    { reason: 'asked-late', seconds: Math.min(begun, Math.max(0, asked)) },
    { reason: 'begun-late', seconds: begun - Math.max(0, asked) },
    {
      reason: 'cooked-longer',
      seconds: (last.pulledAt - last.beganAt) / 1000 - last.cookSeconds,
    },
    { reason: 'stood-ready', seconds: sentAt / 1000 - readyAt(last) - plating },
  ];
  return found.reduce((most, one) => (one.seconds > most.seconds ? one : most));
};
