import type { Clean, PieceAllergens } from '../dishes/cleanPans';
import type { PieceJob, TicketJob } from '../dishes/dish';
import {
  placeTicket,
  updateReservation,
  type FixedPiece,
  type TicketPlacement,
} from './placeTicket';
import { slotTicket, type SlotTicket } from './slotTicket';
import { ServiceGrid, type Placement } from './serviceGrid';
import type {
  MovedPiece,
  PlacedPiece,
  PlacedTicket,
  ServiceJob,
  ServiceSchedule,
} from './serviceSchedule';
import { slotSteps } from './slotSteps';
import type { ResourceConflict } from './timeline';

/** Time grid of a service. */
export interface GridSpacing {
  /** Seconds of a slot of the grid. */
  readonly slot?: number | undefined;
  /** Time of a person for plating one piece, s. */
  readonly plating?: number | undefined;
  /** Longest excess of a piece's rest over the time it stays warm, if its ticket cannot be placed otherwise, s. */
  readonly mostExtraRest?: number | undefined;
}

const PAN: ResourceConflict = { reason: 'pan' };
const SLOT = 5;
/** Frozen horizon, s: a published start that is nearer is not moved without a reason. */
export const FROZEN_HORIZON_S = 120;
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

/** First task of a piece: the washing of its pan, or its start. Seconds of the service. */
export const handsFrom = ({ start, washAt = start }: PlacedPiece): number => washAt;

/**
 * Placement of every ticket of a service on one grid, with the functions to remove and reinsert tickets, and the cost.
 */
export class TicketSchedule {
  readonly grid: ServiceGrid;
  readonly tickets: readonly SlotTicket[];
  readonly moved: MovedPiece[] = [];
  /** Published placements of the next moments. */
  private readonly published = new Map<string, Placement>();
  private readonly firm = new Map<string, FixedPiece>();
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
    this.fixBegun();
    this.tickets = tickets.flatMap((ticket) => this.parts(ticket));
    this.placements = this.tickets.map(() => undefined);
    this.costs = this.tickets.map(() => undefined);
    this.fixPublished();
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
      const alone = placeTicket(this.grid, tried, this.firm);
      if (!alone) continue;
      updateReservation(this.grid, tried, alone, -1);
      return [tried];
    }
    const part = (pieces: readonly PieceJob[]): SlotTicket =>
      slotTicket({ ...ticket, pieces }, this.grid);
    const free = ticket.pieces.filter((piece) => !on.includes(piece));
    return [...(on.length > 0 ? [part(on)] : []), ...free.map((piece) => part([piece]))];
  }

  private fixBegun(): void {
    const { grid } = this;
    for (const { id, begun, allergens } of this.job.tickets.flatMap(({ pieces }) => pieces)) {
      if (!begun) continue;
      grid.placeBegun(begun, allergens);
      this.firm.set(id, { out: grid.slotOf(begun.outAt), ready: grid.slotOf(begun.readyAt) });
    }
  }

  /** Keeps the tasks published for the next moments, if they still fit beside the pieces that are on. */
  private fixPublished(): void {
    const { grid } = this;
    const { now, published: told, tickets } = this.job;
    const soon = tickets
      .flatMap(({ pieces }) => pieces)
      .flatMap((piece) => {
        const was = told?.get(piece.id);
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
    for (const { id, was, option, allergens } of soon) {
      const { option: nth, full, pan, oven } = was;
      const steps = slotSteps(full ? option.full : option.alone, grid.slot);
      // A piece that is overdue begins now.
      const start = Math.max(0, grid.slotOf(was.start));
      const placement: Placement = { option: nth, full, pan, oven, start, steps };
      const clean = this.cleanAsPublished(placement, allergens, was.washAt);
      const taken = grid.findConflict(placement) ?? (clean ? undefined : PAN);
      if (taken) {
        this.moved.push({ id, from: was.start, taken });
        continue;
      }
      const placed = { ...placement, allergens, clean };
      grid.place(placed, start + steps.heat);
      this.published.set(id, placed);
      this.firm.set(id, { out: start + steps.heat, ready: start + steps.ready });
    }
  }

  /** Finds how the pan of a scheduled piece is clean. A washing whose time has come counts as under way before it is reported. */
  private cleanAsPublished(
    placement: Placement,
    allergens: PieceAllergens | undefined,
    washAt: number | undefined,
  ): Clean | undefined {
    const { grid, job } = this;
    const found = grid.cleanFor({ ...placement, allergens });
    const underWay = washAt !== undefined && washAt <= job.now;
    if (!underWay || (found && found.washAt === undefined)) return found;
    const from = grid.slotOf(washAt);
    return { from, washAt: from };
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

  result(): Omit<ServiceSchedule, 'sides'> {
    const found = this.job.tickets.map(({ id }) => this.placementOf(id));
    const tickets = found.filter((ticket) => ticket !== undefined);
    const scheduled = new Set(tickets.map(({ id }) => id));
    return {
      // A table that is not placed does not begin. Pieces that are on already stay.
      pieces: this.tickets
        .flatMap((_, i) => this.piecesOf(i))
        .filter(({ id, ticket }) => scheduled.has(ticket) || this.isOn(id)),
      tickets,
      unplaced: this.job.tickets.flatMap(({ id }, i) => (found[i] ? [] : [id])),
      moved: this.moved,
      late: tickets.reduce((sum, { late }) => sum + late, 0),
    };
  }

  private isOn(piece: string): boolean {
    return this.job.tickets.some(({ pieces }) =>
      pieces.some(({ id, begun }) => id === piece && begun !== undefined),
    );
  }

  /** Placement of a ticket with all its parts; undefined if one is not placed. */
  private placementOf(id: string): PlacedTicket | undefined {
    const { grid } = this;
    const parts = this.tickets.flatMap((ticket, i) =>
      ticket.job.id === id ? [{ ticket, found: this.placements[i] }] : [],
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
  }
}
