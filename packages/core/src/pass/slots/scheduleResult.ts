import { placeServiceSides } from './placeServiceSides';
import type { PlacedTicket, ServiceJob, ServiceSchedule } from './serviceSchedule';
import type { TicketSchedule } from './ticketSchedule';

/** Schedule of a service from the present placement of its tickets, with their sides. */
export const scheduleResult = (scheduling: TicketSchedule): ServiceSchedule => {
  const { grid, job, moved } = scheduling;
  const found = job.tickets.map(({ id }) => placedTicket(scheduling, id));
  const tickets = found.filter((ticket) => ticket !== undefined);
  const scheduled = new Set(tickets.map(({ id }) => id));
  const on = begunPieces(job);
  return {
    // A table that is not placed does not begin. Pieces that are on already stay.
    pieces: scheduling.tickets
      .flatMap((_, i) => scheduling.piecesOf(i))
      .filter(({ id, ticket }) => scheduled.has(ticket) || on.has(id)),
    tickets,
    sides: placeServiceSides(grid, job, tickets),
    unplaced: job.tickets.flatMap(({ id }, i) => (found[i] ? [] : [id])),
    moved,
    late: tickets.reduce((sum, { late }) => sum + late, 0),
  };
};

const begunPieces = ({ tickets }: ServiceJob): ReadonlySet<string> =>
  new Set(
    tickets.flatMap(({ pieces }) =>
      pieces.filter(({ begun }) => begun !== undefined).map(({ id }) => id),
    ),
  );

/** Placement of a ticket with all its parts; undefined if one is not placed. */
const placedTicket = (scheduling: TicketSchedule, id: string): PlacedTicket | undefined => {
  const { grid } = scheduling;
  const parts = scheduling.tickets.flatMap((ticket, i) =>
    ticket.job.id === id ? [{ ticket, found: scheduling.placementOf(i) }] : [],
  );
  const placements = parts.flatMap(({ found }) => found ?? []);
  if (placements.length < parts.length || placements.length === 0) return undefined;
  const readySlots = placements.map((found) => found.readySlot);
  const last = Math.max(...readySlots);
  const late = Math.max(0, last - Math.min(...parts.map(({ ticket }) => ticket.due))) * grid.slot;
  const hindered = placements.find((found) => found.readySlot === last)?.hindered;
  return {
    id,
    landsAt: grid.secondsOf(last),
    apart: (last - Math.min(...readySlots)) * grid.slot,
    late,
    ...(late > 0 && hindered ? { hindered } : {}),
  };
};
