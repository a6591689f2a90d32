import type { Firmness } from '../doneness/firmness';
import type { Heat } from '../plan/legs/legs';
import type { LegKind } from '../plan/legs/legKind';
import type { ActionKind } from '../schedule/actions';
import { PRESS_KINDS, type PressKind } from './press';

/** Instrument of a reading: the core by hand or by an inserted probe, the pan's surface, the oven's air. */
export const INSTRUMENTS = ['typed', 'probe', 'gun', 'oven'] as const;
export type Instrument = (typeof INSTRUMENTS)[number];

/** Troubles at a stove. */
export const TROUBLES = [
  'late',
  'early',
  'delayed',
  'cold-pan',
  'overshoot',
  'butter',
  'uneven',
  'smoke',
  'fire',
] as const;
export type Trouble = (typeof TROUBLES)[number];

/** Events at the stove. */
export const EVENT_KINDS = [
  ...PRESS_KINDS,
  'reading',
  'felt',
  'undo',
  'corrected',
  'skipped',
  'note',
  'changed',
] as const;
export type EventKind = (typeof EVENT_KINDS)[number];

/** One part of the remaining cook after a change of plan. */
export interface RemainingLeg {
  readonly kind: LegKind;
  readonly seconds: number;
  /** C, where it has one. */
  readonly pan?: number | undefined;
  readonly air?: number | undefined;
  /** Heat that it was simulated in; absent in older events: derived from the kind. */
  readonly heat?: Heat | undefined;
  /** Turns, s from its start; one at its end included. */
  readonly flips: readonly number[];
  /** The thermometer decides when this one ends. */
  readonly decides?: true | undefined;
}

interface Happened {
  readonly id: string;
  /** ms since 1970, by the kitchen's clock. */
  readonly at: number;
}

/**
 * One thing said at the stove. Events are only ever added: an undo names the one it takes back, a
 * correction the one whose time it mends.
 */
export type CookEvent =
  | (Happened & { readonly kind: PressKind })
  | (Happened & {
      readonly kind: 'reading';
      /** Temperature of the core, or of the object of `by`, C. */
      readonly celsius: number;
      /** Instrument; undefined: typed. */
      readonly by?: Instrument | undefined;
      /** By hand, the lowest of three tries. */
      readonly lowest?: true | undefined;
    })
  | (Happened & {
      /** The middle was pressed with a finger. */
      readonly kind: 'felt';
      readonly firmness: Firmness;
    })
  | (Happened & { readonly kind: 'undo'; readonly of: string })
  | (Happened & { readonly kind: 'corrected'; readonly of: string; readonly to: number })
  | (Happened & { readonly kind: 'skipped'; readonly step: ActionKind })
  | (Happened & { readonly kind: 'note'; readonly text: string })
  | (Happened & {
      /** From here on the cook goes another way. */
      readonly kind: 'changed';
      readonly why: Trouble;
      readonly legs: readonly RemainingLeg[];
      readonly restSeconds: number;
    });

export type ReadingEvent = Extract<CookEvent, { kind: 'reading' }>;
export type FeltEvent = Extract<CookEvent, { kind: 'felt' }>;
export type ChangedEvent = Extract<CookEvent, { kind: 'changed' }>;

/** An event that is a press. */
export const isPress = (event: CookEvent): event is Extract<CookEvent, { kind: PressKind }> =>
  PRESS_KINDS.some((kind) => kind === event.kind);

export const isReading = (event: CookEvent): event is ReadingEvent => event.kind === 'reading';

export const isFelt = (event: CookEvent): event is FeltEvent => event.kind === 'felt';

/** Events that only measure: they move no step. */
export const isMeasurement = ({ kind }: Pick<CookEvent, 'kind'>): boolean =>
  kind === 'reading' || kind === 'felt';

/** Whether a reading is of the piece's middle. */
export const isCoreReading = ({ by = 'typed' }: ReadingEvent): boolean =>
  by === 'typed' || by === 'probe';
