import type { PublishedSchedule } from '@crustan/core/formats/serviceSchema';

interface Index {
  readonly pieces: ReadonlyMap<string, PublishedSchedule['pieces'][number]>;
  readonly tickets: ReadonlyMap<string, PublishedSchedule['tickets'][number]>;
}

const NOTHING: Index = { pieces: new Map(), tickets: new Map() };
const made = new WeakMap<PublishedSchedule, Index>();

/** Pieces and tickets of a schedule by their ids. It is made once for each schedule. */
export const placedIn = (schedule: PublishedSchedule | undefined): Index => {
  if (!schedule) return NOTHING;
  const found = made.get(schedule) ?? {
    pieces: new Map(schedule.pieces.map((piece) => [piece.id, piece])),
    tickets: new Map(schedule.tickets.map((ticket) => [ticket.id, ticket])),
  };
  made.set(schedule, found);
  return found;
};
