import { shuffled } from '../../maths/random';
import {
  firstStart,
  HANDS,
  hinderedBy,
  lastStart,
  everyPieceFits,
  placesOf,
  refreshPlace,
  startUpTo,
  type FreePiece,
  type Moment,
} from './freePlaces';
import type { Placement, ServiceGrid } from './serviceGrid';
import type { SlotPiece, SlotTicket } from './slotTicket';
import type { ResourceConflict } from './timeline';

/** Plating time of a ticket, and the placement of its pieces until then. In slots. */
export interface TicketPlacement {
  readonly readySlot: number;
  readonly placed: readonly { readonly piece: SlotPiece; readonly placement: Placement }[];
  /** Pieces whose times were settled before. */
  readonly settled: readonly FixedPiece[];
  /** Conflict that prevented the first moment, and its piece. */
  readonly hindered?: { readonly piece: string; readonly taken: ResourceConflict } | undefined;
}

/** Step of later plating times, and the delay after the first from which it is used, s. */
const STEPS = [
  { after: 1800, step: 60 },
  { after: 600, step: 30 },
  { after: 0, step: 10 },
] as const;
/** Length of the first stretch of plating times, s. Each is twice as long as the one before. */
const FIRST_SEEN = 1200;
/** Most that a place costs where it is drawn, in seconds of waiting: other pans and ways are tried. */
const DRAWN_COST = 150;
/** Conflicts with pieces placed meanwhile after which the free starts of a place are computed again: scanning is faster for a few. */
const MOST_CONFLICTS = 12;
/** Cost of another method than the menu's, in seconds of waiting. */
const OTHER_WAY = 120;

interface Found {
  readonly placement: Placement;
  readonly cost: number;
}

/** The placement of a piece after the least wait, or what keeps it out. */
const bestPlacement = (
  grid: ServiceGrid,
  one: FreePiece,
  moment: Moment,
): Found | ResourceConflict => {
  const { plated, random } = moment;
  const { allergens, options } = one.piece.job;
  let best: Found | undefined;
  for (const place of one.places) {
    const { option, pan, oven, steps, full } = place;
    const isOther = option > 0 && options[option].pans === undefined;
    const other = isOther ? OTHER_WAY / grid.slot : 0;
    const penalty = other + (random ? (random() * DRAWN_COST) / grid.slot : 0);
    const least = random ? Math.floor(random() * random() * (steps.keeps + 1)) : 0;
    const first = firstStart(place, moment);
    let start = lastStart(place, plated - least);
    let current = place;
    let conflicts = 0;
    for (; start >= first; start = startUpTo(current, start - 1)) {
      const cost = penalty + plated - steps.ready - start;
      if (best !== undefined && cost >= best.cost) break;
      if (full !== undefined && full !== grid.findsFull(pan, start, options[option])) continue;
      const placement = { pan, oven, start, steps, allergens };
      if (grid.findConflict(placement)) {
        conflicts += 1;
        if (conflicts === MOST_CONFLICTS) {
          current = refreshPlace(grid, { piece: one.piece, place }, first, start);
        }
        continue;
      }
      if (!grid.holding.fits(start + steps.heat, plated)) continue;
      const loaded = full ?? grid.findsFull(pan, start, options[option]);
      const clean = allergens && grid.cleanFor(placement);
      best = {
        placement: { option, full: loaded, pan, oven, start, steps, allergens, clean },
        cost,
      };
      break;
    }
  }
  return best ?? (moment.explains ? hinderedBy(grid, one, moment) : HANDS);
};
const isFound = (found: Found | ResourceConflict): found is Found => 'placement' in found;

/** A piece with fixed times: it is on, or was published for the next moments. In slots. */
export interface FixedPiece {
  readonly out: number;
  readonly ready: number;
}

/**
 * Places a ticket in the first slot at which all its pieces can be ready together, and reserves the gear. The gear of its
 * fixed pieces is reserved already: they wait for the others.
 * @param random draws the order of the pieces and how early each begins; default: the longest first, each as late as
 *   possible
 * @param end the ticket is plated before this slot; default: the end of the grid
 * @returns undefined if the ticket has no place before `end`: nothing is reserved then
 */
export const placeTicket = (
  grid: ServiceGrid,
  ticket: SlotTicket,
  firm: ReadonlyMap<string, FixedPiece>,
  random?: () => number,
  end = grid.slots,
): TicketPlacement | undefined => {
  const { plating, extraRestSlots } = ticket;
  const order = random ? shuffled(random, ticket.pieces) : ticket.pieces;
  const unsettled = order.filter(({ job }) => !firm.has(job.id));
  const settled = ticket.pieces.flatMap(({ job }) => firm.get(job.id) ?? []);
  const first = firstMoment(ticket, settled);
  let hindered: TicketPlacement['hindered'];
  let seen = FIRST_SEEN / grid.slot;
  let readySlot = first;
  for (let from = first; from < end; from += seen, seen *= 2) {
    const last = Math.min(end, from + seen) - 1;
    readySlot = Math.max(readySlot, from);
    const free = unsettled.map((piece) => placesOf(grid, piece, ticket, { first: from, last }));
    while (readySlot <= last) {
      const plated = readySlot - plating;
      const moment: Moment = {
        from: ticket.from,
        extraRestSlots,
        plated,
        readySlot,
        explains: readySlot === first,
        random,
      };
      if (
        readySlot > first &&
        !(grid.hands.fits(plated, readySlot) && everyPieceFits(free, moment))
      ) {
        readySlot += 1;
        continue;
      }
      const found = grid.hands.fits(plated, readySlot)
        ? placeAll(grid, free, moment)
        : { piece: ticket.pieces[0].job.id, taken: HANDS };
      if (Array.isArray(found)) {
        updateHolding(grid, settled, readySlot);
        return { readySlot, placed: found, settled, hindered };
      }
      if (readySlot === first) hindered = found;
      readySlot += stepAfter(readySlot - first, grid.slot);
    }
  }
  return undefined;
};

/** First slot in which a ticket can be plated, as far as it and its fixed pieces decide. */
const firstMoment = ({ first, plating }: SlotTicket, settled: readonly FixedPiece[]): number =>
  Math.max(first, ...settled.map(({ ready }) => ready + plating));

/** Conflict that prevents the first moment of a ticket that is not on the grid; undefined if nothing does. */
export const hindranceOf = (
  grid: ServiceGrid,
  ticket: SlotTicket,
  firm: ReadonlyMap<string, FixedPiece>,
): TicketPlacement['hindered'] => {
  const { from, plating, extraRestSlots } = ticket;
  const settled = ticket.pieces.flatMap(({ job }) => firm.get(job.id) ?? []);
  const first = firstMoment(ticket, settled);
  const plated = first - plating;
  if (!grid.hands.fits(plated, first)) return { piece: ticket.pieces[0].job.id, taken: HANDS };
  const free = ticket.pieces.flatMap((piece) =>
    firm.has(piece.job.id) ? [] : [placesOf(grid, piece, ticket, { first, last: first })],
  );
  const moment = { from, extraRestSlots, plated, readySlot: first, explains: true };
  const found = placeAll(grid, free, moment);
  if (!Array.isArray(found)) return found;
  updateReservation(grid, ticket, { readySlot: first, placed: found, settled: [] }, -1);
  return undefined;
};

const stepAfter = (passed: number, slot: number): number => {
  const { step } = STEPS.find(({ after }) => passed * slot >= after) ?? STEPS[0];
  return Math.max(1, Math.round(step / slot));
};

type Placed = TicketPlacement['placed'][number];
type Hindered = NonNullable<TicketPlacement['hindered']>;

/**
 * Places every free piece and the plating, or nothing at all. A piece that finds no place is placed first once more,
 * each once.
 */
const placeAll = (
  grid: ServiceGrid,
  free: readonly FreePiece[],
  moment: Moment,
): Placed[] | Hindered => {
  const { plated, readySlot } = moment;
  grid.hands.take(plated, readySlot);
  let order = free;
  let hindered: Hindered | undefined;
  for (let tries = 0; tries <= free.length; tries += 1) {
    const found = placeInOrder(grid, order, moment);
    if (Array.isArray(found)) return found;
    hindered ??= found;
    const missing = order.find(({ piece }) => piece.job.id === found.piece);
    if (!missing || missing === order[0]) break;
    order = [missing, ...order.filter((piece) => piece !== missing)];
  }
  grid.hands.take(plated, readySlot, -1);
  return hindered ?? { piece: free[0].piece.job.id, taken: HANDS };
};

const placeInOrder = (
  grid: ServiceGrid,
  order: readonly FreePiece[],
  moment: Moment,
): Placed[] | Hindered => {
  const placed: Placed[] = [];
  for (const one of order) {
    const found = bestPlacement(grid, one, moment);
    if (!isFound(found)) {
      for (const { placement } of placed) grid.place(placement, moment.readySlot, -1);
      return { piece: one.piece.job.id, taken: found };
    }
    grid.place(found.placement, moment.readySlot);
    placed.push({ piece: one.piece, placement: found.placement });
  }
  return placed;
};

const updateHolding = (
  grid: ServiceGrid,
  settled: readonly FixedPiece[],
  readySlot: number,
  by: 1 | -1 = 1,
): void => {
  for (const { out } of settled) grid.holding.take(out, readySlot, by);
};

/** Reserves again, or releases, the places of a placed ticket. */
export const updateReservation = (
  grid: ServiceGrid,
  { plating }: SlotTicket,
  { readySlot, placed, settled }: TicketPlacement,
  by: 1 | -1,
): void => {
  grid.hands.take(readySlot - plating, readySlot, by);
  for (const { placement } of placed) grid.place(placement, readySlot, by);
  updateHolding(grid, settled, readySlot, by);
};
