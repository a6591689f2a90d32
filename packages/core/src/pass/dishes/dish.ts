import type { AllergenBits, PieceAllergens } from './cleanPans';
import type { Side } from '../../schedule/sides';
import type { PieceSteps } from './pieceSteps';

/** One method of cooking a portion: in a pan by itself, and in a pan that is as full as it sears. */
export interface PieceOption {
  readonly alone: PieceSteps;
  readonly full: PieceSteps;
  /** Iron that was covered when `full` was planned, m2. */
  readonly fullArea: number;
  /** Pans that it was planned for, by their index in the gear's list; undefined: any. */
  readonly pans?: readonly number[] | undefined;
}

/** A piece on order. Its ways give the same finish, the menu's own first. One way may have an option for each pan. */
export interface PieceJob {
  readonly id: string;
  readonly options: readonly PieceOption[];
  /** Index of the chosen option; undefined: any, the first preferred. */
  readonly only?: number | undefined;
  /** Past part of the piece, if it has begun. */
  readonly begun?: BegunPiece | undefined;
  /** Undefined: no table of the service avoids an allergen. */
  readonly allergens?: PieceAllergens | undefined;
}

/** Remaining course of a piece that is on: times in seconds of the service, fixed. */
export interface BegunPiece {
  readonly option: number;
  readonly pan?: number | undefined;
  readonly oven?: number | undefined;
  readonly start: number;
  readonly stays: readonly AbsoluteStay[];
  readonly touches: readonly { readonly at: number; readonly seconds: number }[];
  /** End of the heat, end of the rest, and time until which it stays warm. */
  readonly outAt: number;
  readonly readyAt: number;
  readonly keepsUntil: number;
}

/** A stay on one of the pans or ovens, by its place in the gear's list. */
export interface AbsoluteStay {
  readonly place: 'pan' | 'oven';
  readonly index: number;
  readonly from: number;
  readonly to: number;
  readonly celsius: number;
  readonly area: number;
}

/** A side of a table, made for all its plates at once. */
export interface SideJob extends Side {
  /** Start, seconds of the service; absent if it has not begun. */
  readonly begun?: number | undefined;
}

/** Pieces of one table that are plated together. Seconds of the service. */
export interface TicketJob {
  readonly id: string;
  readonly pieces: readonly PieceJob[];
  readonly sides?: readonly SideJob[] | undefined;
  /** Time of the order or of firing: no piece starts before. */
  readonly from: number;
  /** Promised time; undefined: as soon as possible. */
  readonly promised?: number | undefined;
  /** Earliest possible ready time when it was ordered, without a promised time. */
  readonly soonest?: number | undefined;
}

/** Temperature of pans and ovens at the start of the schedule, C. */
export interface GearHeat {
  readonly pans: readonly number[];
  readonly ovens: readonly number[];
}

/** Allergens that each pan has held since it was washed last, in the order of the gear's list. */
export type PansHeld = readonly AllergenBits[];
