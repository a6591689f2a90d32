import type { PieceJob, TicketJob } from '../dishes/dish';
import { fixBegun, fixPublished, type PublishedTasks } from './fixedPieces';
import { placePublished } from './placePublished';
import {
  hindranceOf,
  placeTicket,
  updateReservation,
  type FixedPiece,
  type TicketPlacement,
} from './placeTicket';
import { slotTicket, type SlotTicket } from './slotTicket';
import { ServiceGrid } from './serviceGrid';
import type { MovedPiece, PlacedPiece, ServiceJob } from './serviceSchedule';

/** Time grid of a service. */
export interface GridSpacing {
  /** Seconds of a slot of the grid. */
  readonly slot?: number | undefined;
  /** Time of a person for plating one piece, s. */
  readonly plating?: number | undefined;
  /** Longest excess of a piece's rest over the time it stays warm, if its ticket cannot be placed otherwise, s. */
  readonly mostExtraRest?: number | undefined;
}

const SLOT = 5;
/** Rest of a service's piece beyond what it keeps: the most, s. */
const MOST_EXTRA_REST_S = 600;
/** Of the time ahead, beyond the last promise, s. */
const HORIZON = 2 * 3600;
/** A second of waiting and of overrested waiting, in seconds of lateness. */
const WAIT_COST = 0.02;
const OVER_RESTED_COST = 2;
/** Cost of a ticket that cannot be placed, s. */
const UNPLACED_COST = 20_000;
/** Distance in time within which tickets conflict, s. */
const NEIGHBOURS = 1200;
/** Cost of moving a published piece, in seconds of lateness for a minute of difference, up to ten. */
const MOVE_COST = 2;
const MOST_MOVED = 600;

const waiting = (
  platedAt: number,
  readyAt: number,
  keepsUntil: number,
): Pick<PlacedPiece, 'waits' | 'overRested'> => ({
  waits: Math.max(0, platedAt - readyAt),
  overRested: Math.max(0, platedAt - keepsUntil),
});

/**
 * Placement of every ticket of a service on one grid, with the functions to remove and reinsert tickets, and the cost.
 */
export class TicketSchedule {
  readonly grid: ServiceGrid;
  readonly tickets: readonly SlotTicket[];
  /** Published tasks of the next moments that could not stay. */
  readonly moved: readonly MovedPiece[];
  private readonly published: PublishedTasks['placed'];
  /** Times of the pieces that are on or published for the next moments, by their ids. */
  private readonly firm: Map<string, FixedPiece>;
  private readonly mostExtraRestSlots: number;
  private placements: (TicketPlacement | undefined)[];
  /** Cost of each ticket in its present place, s; undefined until it is computed. */
  private readonly costs: (number | undefined)[];

  constructor(
    readonly job: ServiceJob,
    { slot = SLOT, plating, mostExtraRest = MOST_EXTRA_REST_S }: GridSpacing,
  ) {
    const { gear, heat, now, tickets, held } = job;
    const last = Math.max(now, ...tickets.map(({ promised = now }) => promised));
    const slots = Math.ceil((last - now + HORIZON) / slot);
    this.grid = new ServiceGrid({ gear, heat, slot, slots, now, plating, held });
    this.mostExtraRestSlots = Math.round(mostExtraRest / slot);
    this.firm = fixBegun(this.grid, job);
    this.tickets = tickets.flatMap((ticket) => this.parts(ticket));
    this.placements = this.tickets.map(() => undefined);
    this.costs = this.tickets.map(() => undefined);
    const { placed, moved } = fixPublished(this.grid, job);
    this.published = placed;
    this.moved = moved;
    for (const [id, { start, steps }] of placed) {
      this.firm.set(id, { out: start + steps.heat, ready: start + steps.ready });
    }
  }

  /**
   * Parts in which a ticket can be placed: whole; with pieces that rest longer than they stay warm, if it cannot be
   * placed whole otherwise; or in parts, if its pieces can never be ready together. Pieces that one oven cannot cook
   * together are cooked one after another.
   */
  private parts(ticket: TicketJob): readonly SlotTicket[] {
    const whole = slotTicket(ticket, this.grid);
    const patient = { ...whole, extraRestSlots: this.mostExtraRestSlots };
    const on = ticket.pieces.filter(({ begun }) => begun);
    if (ticket.pieces.length === 1) return [on.length > 0 ? patient : whole];
    for (const tried of on.length > 0 ? [patient] : [whole, patient]) {
      const alone = this.placeAlone(tried);
      if (!alone) continue;
      updateReservation(this.grid, tried, alone, -1);
      return [tried];
    }
    const part = (pieces: readonly PieceJob[]): SlotTicket =>
      slotTicket({ ...ticket, pieces }, this.grid);
    const free = ticket.pieces.filter((piece) => !on.includes(piece));
    return [...(on.length > 0 ? [part(on)] : []), ...free.map((piece) => part([piece]))];
  }

  /** Place of a ticket on a grid that has no other: where it was published, or else its first one. */
  private placeAlone(ticket: SlotTicket): TicketPlacement | undefined {
    const { grid, firm, job } = this;
    return (
      (job.published && placePublished(grid, ticket, firm, job.published)) ??
      placeTicket(grid, ticket, firm)
    );
  }

  private set(i: number, found: TicketPlacement | undefined): void {
    this.placements[i] = found;
    this.costs[i] = undefined;
  }

  /**
   * Places tickets that are not on the grid, in an order.
   * @param random each ticket is placed with random choices; default: none
   * @param limit stops as soon as the schedule is sure to cost this much, s: the other tickets stay off the grid
   * @returns the cost of the schedule, s; Infinity if it stopped
   */
  placeInOrder(order: readonly number[], random?: () => number, limit = Infinity): number {
    const { grid, tickets } = this;
    const least = tickets.map((_, i) => (order.includes(i) ? this.leastCostOf(i) : this.costAt(i)));
    let cost = least.reduce((sum, one) => sum + one, 0);
    for (const i of order) {
      const others = cost - least[i];
      const end = this.endWithin(tickets[i], limit - others);
      this.set(i, placeTicket(grid, tickets[i], this.firm, random, end));
      cost = others + this.costAt(i);
      if (cost >= limit) return Infinity;
    }
    return cost;
  }

  /** Least cost that a ticket can have, s: the lateness of the first slot in which it can be ready. */
  private leastCostOf(i: number): number {
    const { first, due } = this.tickets[i];
    return Math.max(0, first - due) * this.grid.slot;
  }

  /** First plating slot whose lateness alone costs as much as a limit, s. */
  private endWithin({ due }: SlotTicket, limit: number): number {
    const { slot, slots } = this.grid;
    return limit < UNPLACED_COST ? Math.min(slots, due + Math.ceil(limit / slot)) : slots;
  }

  /**
   * Places tickets where they were published, and the others beside them.
   * @returns false if another ticket would be late there, or if nothing was published: then none is placed
   */
  placeAsPublished(order: readonly number[]): boolean {
    const { grid, tickets, firm, job } = this;
    const { published } = job;
    if (!published) return false;
    for (const i of order) this.set(i, placePublished(grid, tickets[i], firm, published));
    const stays = order.filter((i) => this.placements[i] !== undefined);
    const others = order.filter((i) => this.placements[i] === undefined);
    this.placeInOrder(others);
    if (stays.length === 0 || others.some((i) => this.latenessOf(i) > 0)) {
      for (const i of order) this.remove(i);
      return false;
    }
    for (const i of stays) {
      const found = this.placements[i];
      if (!found || this.latenessOf(i) === 0) continue;
      updateReservation(grid, tickets[i], found, -1);
      const hindered = hindranceOf(grid, tickets[i], firm);
      updateReservation(grid, tickets[i], found, 1);
      this.set(i, { ...found, hindered });
    }
    return true;
  }

  /** Places tickets in an order; no ticket starts before an earlier one. */
  placeInTurn(order: readonly number[]): void {
    let last = 0;
    for (const i of order) {
      const ticket = this.tickets[i];
      const from = Math.max(ticket.from, last);
      const first = ticket.first + from - ticket.from;
      const found = placeTicket(this.grid, { ...ticket, from, first }, this.firm);
      this.set(i, found);
      last = Math.max(last, ...(found?.placed ?? []).map(({ placement }) => placement.start));
    }
  }

  /** Those that are on first, the others by when they have to be begun. */
  byTime(): readonly number[] {
    const begun = ({ job }: SlotTicket): number =>
      job.pieces.some((piece) => piece.begun) ? 0 : 1;
    const begins = ({ due, takes }: SlotTicket): number => due - takes;
    return this.tickets
      .map((ticket, i) => ({ ticket, i }))
      .toSorted((a, b) => begun(a.ticket) - begun(b.ticket) || begins(a.ticket) - begins(b.ticket))
      .map(({ i }) => i);
  }

  remove(i: number): void {
    const found = this.placements[i];
    if (found) updateReservation(this.grid, this.tickets[i], found, -1);
    this.set(i, undefined);
  }

  snapshot(): readonly (TicketPlacement | undefined)[] {
    return [...this.placements];
  }

  /** Brings the grid back to where it was. */
  restore(placements: readonly (TicketPlacement | undefined)[]): void {
    const changed = placements.flatMap((found, i) => (found === this.placements[i] ? [] : [i]));
    for (const i of changed) this.remove(i);
    for (const i of changed) {
      const found = placements[i];
      if (found) updateReservation(this.grid, this.tickets[i], found, 1);
      this.set(i, found);
    }
  }

  /** Tickets worth removing and placing again. */
  lateOnes(): readonly number[] {
    return [...this.tickets.keys()].filter((i) => this.latenessOf(i) > 0);
  }

  /** Tickets that are cooked about the same time as one. */
  neighbours(i: number): readonly number[] {
    const at = this.placements[i]?.readySlot ?? this.tickets[i].due;
    const span = Math.round(NEIGHBOURS / this.grid.slot);
    return this.tickets.flatMap((ticket, j) =>
      j !== i && Math.abs((this.placements[j]?.readySlot ?? ticket.due) - at) < span ? [j] : [],
    );
  }

  /** Cost of all tickets, s. */
  cost(): number {
    let cost = 0;
    for (let i = 0; i < this.tickets.length; i += 1) cost += this.costAt(i);
    return cost;
  }

  private costAt(i: number): number {
    return (this.costs[i] ??= this.costOf(i));
  }

  /** Tickets in the order of their plating. */
  byLanding(): readonly number[] {
    return [...this.tickets.keys()].toSorted((a, b) => this.landsAt(a) - this.landsAt(b));
  }

  /** Lateness of a ticket, s. One that is not placed has `UNPLACED_COST`. */
  latenessOf(i: number): number {
    const found = this.placements[i];
    if (!found) return UNPLACED_COST;
    return Math.max(0, found.readySlot - this.tickets[i].due) * this.grid.slot;
  }

  /** Placement of a ticket; undefined if it is not placed. */
  placementOf(i: number): TicketPlacement | undefined {
    return this.placements[i];
  }

  /** Plating slot of a ticket; the last slot if it is not placed. */
  landsAt(i: number): number {
    return this.placements[i]?.readySlot ?? this.grid.slots;
  }

  private costOf(i: number): number {
    let cost = this.latenessOf(i);
    for (const piece of this.piecesOf(i)) {
      cost += WAIT_COST * piece.waits + OVER_RESTED_COST * piece.overRested;
      const was = this.job.published?.get(piece.id);
      if (was) cost += (MOVE_COST * Math.min(MOST_MOVED, Math.abs(was.start - piece.start))) / 60;
    }
    return cost;
  }

  piecesOf(i: number): readonly PlacedPiece[] {
    const found = this.placements[i];
    if (!found) return [];
    const { grid } = this;
    const { job, plating } = this.tickets[i];
    const platedAt = grid.secondsOf(found.readySlot - plating);
    const free = found.placed.map(({ piece, placement }) => ({
      id: piece.job.id,
      placement,
    }));
    const told = job.pieces.flatMap(({ id }) => {
      const placement = this.published.get(id);
      return placement ? [{ id, placement }] : [];
    });
    const placed = [...free, ...told].map(({ id, placement }): PlacedPiece => {
      const { option, full, pan, oven, start, steps, clean } = placement;
      const readyAt = grid.secondsOf(start + steps.ready);
      const keepsUntil = readyAt + steps.keeps * grid.slot;
      const washAt = clean?.washAt === undefined ? undefined : grid.secondsOf(clean.washAt);
      const place = { option, full, pan, oven, start: grid.secondsOf(start), washAt, readyAt };
      return { id, ticket: job.id, ...place, ...waiting(platedAt, readyAt, keepsUntil) };
    });
    const on = job.pieces.flatMap(({ id, begun }): readonly PlacedPiece[] => {
      if (begun === undefined) return [];
      const { option, pan = 0, oven = 0, start, readyAt, keepsUntil } = begun;
      const place = { option, full: false, pan, oven, start, readyAt };
      return [{ id, ticket: job.id, ...place, ...waiting(platedAt, readyAt, keepsUntil) }];
    });
    return [...on, ...placed];
  }
}
