import { shuffled } from '../maths/random';
import type { PieceJob, TicketJob } from './dish';
import { optionSteps, type Placement, type ServiceGrid } from './serviceGrid';
import type { SlotSteps } from './slotSteps';
import type { Taken } from './timeline';

/** A piece with its steps counted in slots. */
export interface SlotPiece {
  readonly job: PieceJob;
  readonly steps: readonly { readonly alone: SlotSteps; readonly full: SlotSteps }[];
}

/** A ticket with its pieces, the longest first. In slots. */
export interface SlotTicket {
  readonly job: TicketJob;
  readonly pieces: readonly SlotPiece[];
  /** The first slot in which anything of it may be begun. */
  readonly from: number;
  /** The first landing that is looked at. */
  readonly first: number;
  /** Slots from the first heat of its longest piece to its landing. */
  readonly takes: number;
  /** The landing it is late after; below 0: in the past. */
  readonly due: number;
  /** Slots that a pair of hands takes to plate it, up to the landing. */
  readonly plating: number;
  /** Slots that its pieces may rest beyond what they keep: none, unless it cannot land otherwise. */
  readonly patience: number;
}

/** Where a ticket lands and how its pieces lie until then. In slots. */
export interface TicketLanding {
  readonly lands: number;
  readonly placed: readonly { readonly piece: SlotPiece; readonly placement: Placement }[];
  /** Pieces whose times were settled before. */
  readonly settled: readonly FirmPiece[];
  /** What stood in the way of landing at the first moment, and which piece's way it was. */
  readonly hindered?: { readonly piece: string; readonly taken: Taken } | undefined;
}

/** A table sent this much before its time is still on time, s. */
const EARLY = 60;
/** Later landings are tried in steps of so many seconds, from so far after the first, s. */
const STEPS = [
  { after: 1800, step: 60 },
  { after: 600, step: 30 },
  { after: 0, step: 10 },
] as const;
/** Waits of a piece are tried in steps of so many seconds. */
const WAIT_STEP = 10;
/** What another way than the menu's costs, in seconds of waiting. */
const OTHER_WAY = 120;

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
    // What has begun lands when it is ready, however that compares with its plan.
    first: Math.max(
      pieces.some((piece) => piece.job.begun) ? Math.max(0, sides) + plating : soonest,
      promised === undefined ? 0 : grid.slotOf(promised - EARLY),
    ),
    takes,
    due: due === undefined ? grid.slotOf(job.from) + takes : grid.slotOf(due),
    plating,
    patience: 0,
  };
};

interface Found {
  readonly placement: Placement;
  readonly cost: number;
}

/** When a ticket is plated and lands, in slots, and what it is placed by. */
interface Moment {
  readonly from: number;
  readonly plated: number;
  readonly lands: number;
  readonly patience: number;
  /** Draws how much of its time a piece is begun early; absent: as late as it can be. */
  readonly early?: (() => number) | undefined;
}

const HANDS: Taken = { reason: 'hands' };
const HOLDING: Taken = { reason: 'holding' };

/** The placement of a piece that is plated at a slot after the least wait, or what first keeps it out. */
const bestPlacement = (
  grid: ServiceGrid,
  { job, steps }: SlotPiece,
  { plated, from, patience, early }: Moment,
): Found | Taken => {
  let best: Found | undefined;
  let hindered: Taken = HANDS;
  steps.forEach(({ alone, full }, option) => {
    if (job.only !== undefined && option !== job.only) return;
    const penalty = option === 0 ? 0 : OTHER_WAY / grid.slot;
    if (best !== undefined && best.cost <= penalty) return;
    const usesPan = alone.stays.some(({ place }) => place === 'pan');
    const usesOven = alone.stays.some(({ place }) => place === 'oven');
    const least = early ? Math.floor(early() * early() * (alone.keeps + 1)) : 0;
    const waitStep = Math.max(1, Math.round(WAIT_STEP / grid.slot));
    for (let wait = least; wait <= alone.keeps + patience; wait += waitStep) {
      if (best !== undefined && best.cost <= penalty + wait) return;
      for (let pan = 0; pan < (usesPan ? grid.pans.length : 1); pan += 1) {
        for (let oven = 0; oven < (usesOven ? grid.ovens.length : 1); oven += 1) {
          const quick = plated - wait - alone.ready;
          const loaded = usesPan && grid.findsFull(pan, quick, job.options[option]);
          const chosen = loaded ? full : alone;
          const start = plated - wait - chosen.ready;
          if (start < from) continue;
          const taken = grid.refuses({ pan, oven, start, steps: chosen });
          const holds =
            taken ?? (grid.holding.fits(start + chosen.heat, plated) ? undefined : HOLDING);
          if (holds) {
            if (option === (job.only ?? 0) && wait === least && pan === 0) hindered = holds;
            continue;
          }
          const cost = penalty + wait;
          if (best === undefined || cost < best.cost) {
            best = {
              placement: { option, full: loaded, pan, oven, start, steps: chosen },
              cost,
            };
          }
        }
      }
    }
  });
  return best ?? hindered;
};
const isFound = (found: Found | Taken): found is Found => 'placement' in found;

/** A piece whose times are settled: it is on, or was told for the next moments. In slots. */
export interface FirmPiece {
  readonly out: number;
  readonly ready: number;
}

/**
 * Lands a ticket as soon as all its pieces can be there together, and takes what they need. What its firm
 * pieces need of the gear is taken already: here they wait for the others.
 * @param random draws the order of its pieces and how early they are begun; absent: the longest first, each
 *   as late as it can be
 * @returns undefined where it does not land within the grid: nothing is taken then
 */
export const landTicket = (
  grid: ServiceGrid,
  ticket: SlotTicket,
  firm: ReadonlyMap<string, FirmPiece>,
  random?: () => number,
): TicketLanding | undefined => {
  const { plating } = ticket;
  const order = random ? shuffled(random, ticket.pieces) : ticket.pieces;
  const free = order.filter(({ job }) => !firm.has(job.id));
  const settled = ticket.pieces.flatMap(({ job }) => firm.get(job.id) ?? []);
  const first = Math.max(ticket.first, ...settled.map(({ ready }) => ready + plating));
  let hindered: TicketLanding['hindered'];
  for (let lands = first; lands < grid.slots; lands += stepAfter(lands - first, grid.slot)) {
    const plated = lands - plating;
    const found = grid.hands.fits(plated, lands)
      ? placeAll(grid, free, {
          from: ticket.from,
          patience: ticket.patience,
          plated,
          lands,
          early: random,
        })
      : { piece: ticket.pieces[0].job.id, taken: HANDS };
    if (Array.isArray(found)) {
      holdFirm(grid, settled, lands);
      return { lands, placed: found, settled, hindered };
    }
    if (lands === first) hindered = found;
  }
  return undefined;
};

const stepAfter = (passed: number, slot: number): number => {
  const { step } = STEPS.find(({ after }) => passed * slot >= after) ?? STEPS[0];
  return Math.max(1, Math.round(step / slot));
};

type Placed = TicketLanding['placed'][number];
type Hindered = NonNullable<TicketLanding['hindered']>;

/**
 * Places every free piece and the plating, or nothing at all. A piece that finds no place is placed first
 * of all once more, each of them once.
 */
const placeAll = (
  grid: ServiceGrid,
  free: readonly SlotPiece[],
  moment: Moment,
): Placed[] | Hindered => {
  const { plated, lands } = moment;
  grid.hands.take(plated, lands);
  let order = free;
  let hindered: Hindered | undefined;
  for (let tries = 0; tries <= free.length; tries += 1) {
    const found = placeInOrder(grid, order, moment);
    if (Array.isArray(found)) return found;
    hindered ??= found;
    const missing = order.find(({ job }) => job.id === found.piece);
    if (!missing || missing === order[0]) break;
    order = [missing, ...order.filter((piece) => piece !== missing)];
  }
  grid.hands.take(plated, lands, -1);
  return hindered ?? { piece: free[0].job.id, taken: HANDS };
};

const placeInOrder = (
  grid: ServiceGrid,
  order: readonly SlotPiece[],
  moment: Moment,
): Placed[] | Hindered => {
  const placed: Placed[] = [];
  for (const piece of order) {
    const found = bestPlacement(grid, piece, moment);
    if (!isFound(found)) {
      for (const { placement } of placed) grid.place(placement, moment.lands, -1);
      return { piece: piece.job.id, taken: found };
    }
    grid.place(found.placement, moment.lands);
    placed.push({ piece, placement: found.placement });
  }
  return placed;
};

const holdFirm = (
  grid: ServiceGrid,
  settled: readonly FirmPiece[],
  lands: number,
  by: 1 | -1 = 1,
): void => {
  for (const { out } of settled) grid.holding.take(out, lands, by);
};

/** Takes again, or gives back, what a landed ticket had taken. */
export const takeLanding = (
  grid: ServiceGrid,
  { plating }: SlotTicket,
  { lands, placed, settled }: TicketLanding,
  by: 1 | -1,
): void => {
  grid.hands.take(lands - plating, lands, by);
  for (const { placement } of placed) grid.place(placement, lands, by);
  holdFirm(grid, settled, lands, by);
};
