import type { GearHeat, PansHeld, TicketJob } from './dish';
import type { ServiceGear } from './serviceGear';
import type { Taken } from './timeline';

/** Problem of a schedule. Times in seconds of the service. */
export interface ServiceJob {
  readonly gear: ServiceGear;
  readonly now: number;
  readonly heat: GearHeat;
  readonly tickets: readonly TicketJob[];
  /** Absent: no pan holds an allergen that matters. */
  readonly held?: PansHeld | undefined;
  /** Published schedule by piece. */
  readonly told?: ReadonlyMap<string, PlacedPiece> | undefined;
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
  /** Its pan is washed for it from here on; absent: no need. */
  readonly washAt?: number | undefined;
  /** Rested from here on. */
  readonly readyAt: number;
  /** Rested, and waiting for its table, s; how much of that is longer than it keeps. */
  readonly waits: number;
  readonly overRested: number;
}

/** A table's landing. Seconds of the service. */
export interface PlacedTicket {
  readonly id: string;
  readonly landsAt: number;
  /** Between the first and the last of its pieces, s: more than none where they cannot be there together. */
  readonly apart: number;
  /** After what was promised, or after the soonest it could have been, s. */
  readonly late: number;
  /** First conflict that delays the ticket. */
  readonly hindered?: { readonly piece: string; readonly taken: Taken } | undefined;
}

/** A piece that was told for the next moments and had to be moved, and what stood in its way. */
export interface MovedPiece {
  readonly id: string;
  readonly from: number;
  readonly taken: Taken;
}

/** A table's side. Seconds of the service. */
export interface PlacedServiceSide {
  readonly ticket: string;
  readonly name: string;
  readonly start: number;
  readonly readyAt: number;
  /** Conflict, if it finds no place of its own. */
  readonly taken?: Taken | undefined;
}

export interface ServiceSchedule {
  readonly pieces: readonly PlacedPiece[];
  readonly tickets: readonly PlacedTicket[];
  readonly sides: readonly PlacedServiceSide[];
  /** Tickets that do not land within hours. */
  readonly unplaced: readonly string[];
  readonly moved: readonly MovedPiece[];
  /** Lateness of all tickets, s. */
  readonly late: number;
}
