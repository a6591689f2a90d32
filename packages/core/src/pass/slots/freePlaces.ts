import type { ServiceGrid } from './serviceGrid';
import type { SlotPiece, SlotTicket } from './slotTicket';
import type { SlotSteps } from './slotSteps';
import type { ResourceConflict } from './timeline';

/** Moment at which a ticket is plated, in slots, and the input of its placement. */
export interface Moment {
  readonly from: number;
  readonly plated: number;
  readonly readySlot: number;
  readonly extraRestSlots: number;
  /** Whether it is found out what stands in the way of a piece. */
  readonly explains: boolean;
  /** Draws the earliness of a start and the cost of a pan; undefined: as late as possible, in the first pan. */
  readonly random?: (() => number) | undefined;
}

/** A piece on one pan and oven by one of its options, and when these are free. */
export interface Place {
  readonly option: number;
  readonly pan: number;
  readonly oven: number;
  readonly steps: SlotSteps;
  /** Whether it is valid only in a pan that is, or is not, full; undefined: the option takes the same time in both. */
  readonly full: boolean | undefined;
  /** The last start up to each slot from `base` on at which pan, oven and hands are free, or -1. */
  readonly starts: Int16Array;
  readonly base: number;
}

/** A piece that is to be placed, with every place that it may have. */
export interface FreePiece {
  readonly piece: SlotPiece;
  readonly places: readonly Place[];
}

/** First and last of the plating slots that are examined together. */
export interface SlotRange {
  readonly first: number;
  readonly last: number;
}

export const HANDS: ResourceConflict = { reason: 'hands' };
const HOLDING: ResourceConflict = { reason: 'holding' };

/** Whether each start is free as the last free start up to it, or -1. */
const lastFree = (free: Uint8Array, base: number): Int16Array => {
  const starts = new Int16Array(free.length);
  let last = -1;
  for (let k = 0; k < free.length; k += 1) {
    if (free[k] === 1) last = base + k;
    starts[k] = last;
  }
  return starts;
};

/** Finds every place of a piece, with the starts at which it is free. Pieces that are placed later may take them. */
export const placesOf = (
  grid: ServiceGrid,
  piece: SlotPiece,
  { from, plating, extraRestSlots }: Pick<SlotTicket, 'from' | 'plating' | 'extraRestSlots'>,
  { first, last }: SlotRange,
): FreePiece => {
  const { only, allergens, options } = piece.job;
  const placesBy = (steps: SlotSteps, option: number, full?: boolean): readonly Place[] => {
    const begins = first - plating - steps.ready;
    const base = Math.max(from, begins - steps.keeps - extraRestSlots);
    const count = Math.max(0, last - plating - steps.ready - base + 1);
    const uses = (place: 'pan' | 'oven'): boolean =>
      steps.stays.some((stay) => stay.place === place);
    const { pans: planned } = options[option];
    const usable = planned ? grid.inUse.pan.filter((pan) => planned.includes(pan)) : grid.inUse.pan;
    const pans = uses('pan') ? usable : [0];
    const ovens = uses('oven') ? grid.inUse.oven : [0];
    const byHands = new Uint8Array(count).fill(1);
    grid.clearHands(byHands, base, steps);
    return ovens.flatMap((oven) => {
      const inOven = oven === ovens.at(-1) ? byHands : byHands.slice();
      grid.clearOven(inOven, base, steps, oven);
      return pans.map((pan): Place => {
        const free = pan === pans.at(-1) ? inOven : inOven.slice();
        grid.clearPan(free, base, steps, pan, allergens);
        return { option, pan, oven, steps, full, starts: lastFree(free, base), base };
      });
    });
  };
  const places = piece.steps.flatMap(({ alone, full }, option): readonly Place[] => {
    if (only !== undefined && option !== only) return [];
    if (alone === full) return placesBy(alone, option);
    return [...placesBy(alone, option, false), ...placesBy(full, option, true)];
  });
  return { piece, places };
};

/** A place of a piece with the starts from `first` up to before `end` that are still free on the grid. */
export const refreshPlace = (
  grid: ServiceGrid,
  { piece, place }: { readonly piece: SlotPiece; readonly place: Place },
  first: number,
  end: number,
): Place => {
  const { steps, pan, oven } = place;
  const free = new Uint8Array(Math.max(0, end - first));
  for (let k = 0; k < free.length; k += 1)
    free[k] = startUpTo(place, first + k) === first + k ? 1 : 0;
  grid.clearHands(free, first, steps);
  grid.clearOven(free, first, steps, oven);
  grid.clearPan(free, first, steps, pan, piece.job.allergens);
  return { ...place, starts: lastFree(free, first), base: first };
};

/** The last start of a place up to a slot, or -1. */
export const startUpTo = ({ starts, base }: Place, slot: number): number =>
  slot < base ? -1 : starts[Math.min(slot - base, starts.length - 1)];

/** The last start of a place with which a piece is ready at a slot, or -1. */
export const lastStart = (place: Place, plated: number): number =>
  place.starts.length === 0 ? -1 : startUpTo(place, plated - place.steps.ready);

/** Earliest start with which a piece that is plated at a slot has not rested too long. */
export const firstStart = ({ steps }: Place, { plated, from, extraRestSlots }: Moment): number =>
  Math.max(from, plated - steps.ready - steps.keeps - extraRestSlots);

/** Whether each piece by itself finds a place. */
export const everyPieceFits = (free: readonly FreePiece[], moment: Moment): boolean => {
  for (const one of free) if (!fitsSomewhere(one, moment)) return false;
  return true;
};

const fitsSomewhere = ({ places }: FreePiece, moment: Moment): boolean => {
  for (const place of places) {
    if (lastStart(place, moment.plated) >= firstStart(place, moment)) return true;
  }
  return false;
};

/** Finds what stands in the way of a piece at the first of its places. */
export const hinderedBy = (
  grid: ServiceGrid,
  { piece, places }: FreePiece,
  { plated, from }: Moment,
): ResourceConflict => {
  const place = places.at(0);
  if (!place) return HANDS;
  const start = plated - place.steps.ready;
  if (start < from) return HANDS;
  return grid.findConflict({ ...place, start, allergens: piece.job.allergens }) ?? HOLDING;
};
