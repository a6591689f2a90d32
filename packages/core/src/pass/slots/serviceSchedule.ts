import type { GearHeat, PansHeld, TicketJob } from '../dishes/dish';
import type { ServiceGear } from '../orders/serviceGear';
import type { ResourceConflict } from './timeline';

/** Problem of a schedule. Times in seconds of the service. */
export interface ServiceJob {
  readonly gear: ServiceGear;
  readonly now: number;
  readonly heat: GearHeat;
  readonly tickets: readonly TicketJob[];
  /** Undefined: no pan holds a relevant allergen. */
  readonly held?: PansHeld | undefined;
  /** Published schedule by piece. */
  readonly published?: ReadonlyMap<string, PlacedPiece> | undefined;
}

/** Place and time of one piece. Seconds of the service. */
export interface PlacedPiece {
  readonly id: string;
  readonly ticket: string;
  readonly option: number;
  /** Its times are those of a full pan. */
  readonly full: boolean;
  readonly pan: number;
  readonly oven: number;
  readonly start: number;
  /** Start of the washing of its pan; undefined: not needed. */
  readonly washAt?: number | undefined;
  /** Rested from here on. */
  readonly readyAt: number;
  /** Rested, and waiting for its table, s; how much of that is longer than it keeps. */
  readonly waits: number;
  readonly overRested: number;
}

/** Plating of a table. Seconds of the service. */
export interface PlacedTicket {
  readonly id: string;
  readonly landsAt: number;
  /** Time between the first and the last of its pieces, s: positive if they cannot be ready together. */
  readonly apart: number;
  /** After what was promised, or after the soonest it could have been, s. */
  readonly late: number;
  /** First conflict that delays the ticket. */
  readonly hindered?: { readonly piece: string; readonly taken: ResourceConflict } | undefined;
}

/** A published piece of the next moments that had to be moved, with its conflict. */
export interface MovedPiece {
  readonly id: string;
  readonly from: number;
  readonly taken: ResourceConflict;
}

/** A table's side. Seconds of the service. */
export interface PlacedServiceSide {
  readonly ticket: string;
  readonly name: string;
  readonly start: number;
  readonly readyAt: number;
  /** Conflict, if the side finds no place. */
  readonly taken?: ResourceConflict | undefined;
}

export interface ServiceSchedule {
  readonly pieces: readonly PlacedPiece[];
  readonly tickets: readonly PlacedTicket[];
  readonly sides: readonly PlacedServiceSide[];
  /** Tickets that cannot be placed within hours. */
  readonly unplaced: readonly string[];
  readonly moved: readonly MovedPiece[];
  /** Lateness of all tickets, s. */
  readonly late: number;
}
