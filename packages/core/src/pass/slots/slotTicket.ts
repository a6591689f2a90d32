import type { PieceJob, TicketJob } from '../dishes/dish';
import { optionSteps, type ServiceGrid } from './serviceGrid';
import type { SlotSteps } from './slotSteps';

/** A piece with its steps counted in slots. */
export interface SlotPiece {
  readonly job: PieceJob;
  readonly steps: readonly { readonly alone: SlotSteps; readonly full: SlotSteps }[];
}

/** A ticket with its pieces, the longest first. In slots. */
export interface SlotTicket {
  readonly job: TicketJob;
  readonly pieces: readonly SlotPiece[];
  /** First slot in which a piece of the ticket may begin. */
  readonly from: number;
  /** First plating slot that is examined. */
  readonly first: number;
  /** Slots from the first heat of its longest piece to its plating. */
  readonly takes: number;
  /** Plating slot after which it is late; negative: in the past. */
  readonly due: number;
  /** Slots of a person for plating it, up to the plating time. */
  readonly plating: number;
  /** Slots that its pieces may rest longer than they stay warm: 0, unless it cannot be placed otherwise. */
  readonly extraRestSlots: number;
}
/** A table sent this much before its time is still on time, s. */
const EARLY = 60;

/** Slots from the first heat to the end of the rest by the shortest way. */
const shortest = ({ job: { only }, steps }: SlotPiece): number =>
  Math.min(
    ...steps.flatMap(({ alone }, option) =>
      only === undefined || option === only ? [alone.ready] : [],
    ),
  );

/** The first slot in which every side of a ticket is ready. */
const sidesReady = ({ sides = [] }: TicketJob, grid: ServiceGrid, from: number): number =>
  Math.max(
    0,
    ...sides.map(({ begun, handsOn, handsOff }) => {
      const first = begun === undefined ? from : grid.slotOf(begun);
      return first + Math.ceil((handsOn + handsOff) / grid.slot);
    }),
  );

export const slotTicket = (job: TicketJob, grid: ServiceGrid): SlotTicket => {
  const pieces = job.pieces.map((piece) => ({
    job: piece,
    steps: optionSteps(piece.options, grid.slot),
  }));
  const from = Math.max(0, grid.slotOf(job.from));
  const plating = Math.ceil((pieces.length * grid.plating) / grid.slot);
  const sides = sidesReady(job, grid, from);
  const takes = Math.max(...pieces.map(shortest), sides - from) + plating;
  const soonest = from + takes;
  const { promised, soonest: found } = job;
  const due = promised ?? found;
  return {
    job,
    pieces: pieces.toSorted((a, b) => shortest(b) - shortest(a)),
    from,
    // A piece that has begun is placed at its ready time, whatever its plan.
    first: Math.max(
      pieces.some((piece) => piece.job.begun) ? Math.max(0, sides) + plating : soonest,
      promised === undefined ? 0 : grid.slotOf(promised - EARLY),
    ),
    takes,
    due: due === undefined ? grid.slotOf(job.from) + takes : grid.slotOf(due),
    plating,
    extraRestSlots: 0,
  };
};
