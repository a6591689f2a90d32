import type { FixedPiece, TicketPlacement } from './placeTicket';
import type { ServiceGrid } from './serviceGrid';
import type { PlacedPiece } from './serviceSchedule';
import type { SlotTicket } from './slotTicket';

type Placed = TicketPlacement['placed'][number];

/**
 * Places a ticket where it was published, and reserves the gear. Times are rounded to the present grid, all by the same
 * part of a slot.
 * @returns undefined if a piece of it was not published, or if its places are no longer free: nothing is reserved then
 */
export const placePublished = (
  grid: ServiceGrid,
  ticket: SlotTicket,
  firm: ReadonlyMap<string, FixedPiece>,
  published: ReadonlyMap<string, PlacedPiece>,
): TicketPlacement | undefined => {
  const { job, pieces, plating } = ticket;
  const [first] = job.pieces.flatMap(({ id }) => published.get(id) ?? []);
  if (!first) return undefined;
  const settled = pieces.flatMap((piece) => firm.get(piece.job.id) ?? []);
  const readySlot = grid.slotOf(first.readyAt + first.waits) + plating;
  const plated = readySlot - plating;
  const isTooSoon = readySlot < ticket.first || settled.some(({ ready }) => ready > plated);
  if (isTooSoon || readySlot >= grid.slots || !grid.hands.fits(plated, readySlot)) return undefined;
  grid.hands.take(plated, readySlot);
  const placed: Placed[] = [];
  for (const piece of pieces) {
    if (firm.has(piece.job.id)) continue;
    const placement = placementAsPublished(
      grid,
      ticket,
      piece,
      published.get(piece.job.id),
      plated,
    );
    if (!placement) {
      for (const one of placed) grid.place(one.placement, readySlot, -1);
      grid.hands.take(plated, readySlot, -1);
      return undefined;
    }
    grid.place(placement, readySlot);
    placed.push({ piece, placement });
  }
  for (const { out } of settled) grid.holding.take(out, readySlot);
  return { readySlot, placed, settled };
};

const placementAsPublished = (
  grid: ServiceGrid,
  { from, extraRestSlots }: SlotTicket,
  { job, steps: allSteps }: Placed['piece'],
  was: PlacedPiece | undefined,
  plated: number,
): Placed['placement'] | undefined => {
  const both = was && allSteps.at(was.option);
  if (!both || (job.only !== undefined && job.only !== was.option)) return undefined;
  const { option, full, pan, oven } = was;
  const steps = full ? both.full : both.alone;
  const start = grid.slotOf(was.start);
  const waits = plated - steps.ready - start;
  if (start < from || waits < 0 || waits > steps.keeps + extraRestSlots) return undefined;
  const { allergens } = job;
  const placement = { option, full, pan, oven, start, steps, allergens };
  if (grid.findConflict(placement) || !grid.holding.fits(start + steps.heat, plated)) {
    return undefined;
  }
  return allergens ? { ...placement, clean: grid.cleanFor(placement) } : placement;
};
