import type { Clean, PieceAllergens } from '../dishes/cleanPans';
import type { FixedPiece } from './placeTicket';
import type { Placement, ServiceGrid } from './serviceGrid';
import type { MovedPiece, PlacedPiece, ServiceJob } from './serviceSchedule';
import { slotSteps } from './slotSteps';
import type { ResourceConflict } from './timeline';

/** Frozen horizon, s: a published start that is nearer is not moved without a reason. */
export const FROZEN_HORIZON_S = 120;

const PAN: ResourceConflict = { reason: 'pan' };

/** First task of a piece: the washing of its pan, or its start. Seconds of the service. */
export const handsFrom = ({ start, washAt = start }: PlacedPiece): number => washAt;

/** Reserves the equipment of the pieces that are on; returns their times by their ids. */
export const fixBegun = (grid: ServiceGrid, { tickets }: ServiceJob): Map<string, FixedPiece> => {
  const times = new Map<string, FixedPiece>();
  for (const { id, begun, allergens } of tickets.flatMap(({ pieces }) => pieces)) {
    if (!begun) continue;
    grid.placeBegun(begun, allergens);
    times.set(id, { out: grid.slotOf(begun.outAt), ready: grid.slotOf(begun.readyAt) });
  }
  return times;
};

/** Tasks that were published for the next moments: those that stay, by the piece's id, and those that could not. */
export interface PublishedTasks {
  readonly placed: ReadonlyMap<string, Placement>;
  readonly moved: readonly MovedPiece[];
}

/** Reserves the tasks published for the next moments again, if they still fit beside the pieces that are on. */
export const fixPublished = (grid: ServiceGrid, job: ServiceJob): PublishedTasks => {
  const placed = new Map<string, Placement>();
  const moved: MovedPiece[] = [];
  for (const { id, was, option, allergens } of publishedSoon(job)) {
    const { option: nth, full, pan, oven } = was;
    const steps = slotSteps(full ? option.full : option.alone, grid.slot);
    // A piece that is overdue begins now.
    const start = Math.max(0, grid.slotOf(was.start));
    const placement: Placement = { option: nth, full, pan, oven, start, steps };
    const underWay = was.washAt !== undefined && was.washAt <= job.now ? was.washAt : undefined;
    const clean = cleanAsPublished(grid, placement, allergens, underWay);
    const taken = grid.findConflict(placement) ?? (clean ? undefined : PAN);
    if (taken) {
      moved.push({ id, from: was.start, taken });
      continue;
    }
    const found = { ...placement, allergens, clean };
    grid.place(found, start + steps.heat);
    placed.set(id, found);
  }
  return { placed, moved };
};

/** Published pieces that begin within the frozen horizon, by their start. */
const publishedSoon = ({ now, published, tickets }: ServiceJob) =>
  tickets
    .flatMap(({ pieces }) => pieces)
    .flatMap((piece) => {
      const was = published?.get(piece.id);
      const option = was && piece.options.at(was.option);
      const chosen = piece.only === undefined || piece.only === was?.option;
      return option &&
        chosen &&
        piece.begun === undefined &&
        handsFrom(was) <= now + FROZEN_HORIZON_S
        ? [{ id: piece.id, was, option, allergens: piece.allergens }]
        : [];
    })
    .toSorted((a, b) => a.was.start - b.was.start);

/**
 * Finds how the pan of a published piece is clean.
 * @param underWay time of a washing that counts as under way before it is reported, s; undefined: there is none
 */
const cleanAsPublished = (
  grid: ServiceGrid,
  placement: Placement,
  allergens: PieceAllergens | undefined,
  underWay: number | undefined,
): Clean | undefined => {
  const found = grid.cleanFor({ ...placement, allergens });
  if (underWay === undefined || (found && found.washAt === undefined)) return found;
  const from = grid.slotOf(underWay);
  return { from, washAt: from };
};
