import type { AllergenId } from '../../food/allergens';

/** A piece of an order. */
export interface OrderedPiece {
  /** Its cook in the logbook carries the same id. */
  readonly id: string;
  readonly dish: string;
  /** The name of one of the dish's portions. */
  readonly doneness: string;
  readonly note?: string | undefined;
}

/** Order of a table. Times in ms since 1970. */
export interface Order {
  readonly id: string;
  readonly table: string;
  readonly pieces: readonly OrderedPiece[];
  /** Wanted time; undefined: as soon as possible. */
  readonly wanted?: number | undefined;
  /** Ready time that was quoted when it was ordered. */
  readonly quoted?: number | undefined;
  /** It waits until it is fired. */
  readonly held?: true | undefined;
  /** Declarable allergens that the table must not be served. */
  readonly allergens?: readonly AllergenId[] | undefined;
  /** A note on the allergy, or one that is not among the declarable. */
  readonly allergy?: string | undefined;
  /** Anything else the kitchen needs. */
  readonly note?: string | undefined;
}

export const OUT_REASONS = ['broken', 'dirty', 'unsteady'] as const;
/** Reason why gear is out of use: broken or dropped, food burnt onto it, or a temperature that it does not hold. */
export type OutReason = (typeof OUT_REASONS)[number];

export const OUT_GEAR = ['pan', 'oven', 'burner'] as const;
/** Kinds of gear that can be out of use. */
export type OutGear = (typeof OUT_GEAR)[number];

interface Happened {
  readonly id: string;
  /** ms since 1970, by the kitchen's clock. */
  readonly at: number;
}

/** One thing said in a service. Events are only ever added: an undo names the one it takes back. */
export type ServiceEvent =
  | (Happened & { readonly kind: 'ordered' | 'changed'; readonly order: Order })
  | (Happened & {
      readonly kind: 'fired' | 'held' | 'cancelled' | 'sent';
      /** The order. */
      readonly of: string;
    })
  | (Happened & {
      /** A piece is cooked once more, in place of one that cannot be served. */
      readonly kind: 'refired';
      readonly of: string;
      readonly instead: string;
      readonly piece: OrderedPiece;
    })
  | (Happened & { readonly kind: 'moved'; readonly of: string; readonly wanted: number })
  | (Happened & {
      /** A piece is cooked another of its ways. */
      readonly kind: 'way';
      readonly piece: string;
      readonly option: number;
    })
  | (Happened & {
      /** Place where a piece was begun: ids of the kitchen's gear. */
      readonly kind: 'begun';
      readonly piece: string;
      readonly option: number;
      readonly full: boolean;
      readonly pan?: string | undefined;
      readonly oven?: string | undefined;
    })
  | (Happened & {
      /** Set temperature of a pan or an oven, C. */
      readonly kind: 'set';
      readonly gear: 'pan' | 'oven';
      readonly of: string;
      readonly celsius: number;
    })
  | (Happened & {
      /** Measured temperature of a pan or an oven, C. */
      readonly kind: 'measured';
      readonly gear: 'pan' | 'oven';
      readonly of: string;
      readonly celsius: number;
    })
  | (Happened & {
      /** Something of the kitchen is out of use until it is back. */
      readonly kind: 'out';
      readonly gear: OutGear;
      readonly of: string;
      readonly why: OutReason;
    })
  | (Happened & { readonly kind: 'back'; readonly gear: OutGear; readonly of: string })
  | (Happened & {
      /** A piece that is on was put into another pan or oven: by ids of the kitchen's gear. */
      readonly kind: 'put';
      readonly piece: string;
      readonly pan?: string | undefined;
      readonly oven?: string | undefined;
    })
  | (Happened & {
      /** A pan was washed, and takes fresh fat: by its id. */
      readonly kind: 'washed';
      readonly of: string;
    })
  | (Happened & {
      /** Number of cooks on the line from now on. */
      readonly kind: 'hands';
      readonly count: number;
    })
  | (Happened & {
      /** A side of an order was begun. */
      readonly kind: 'side';
      readonly of: string;
      readonly side: string;
    })
  | (Happened & {
      /** Number of pieces of a dish that can still be ordered. */
      readonly kind: 'stock';
      readonly dish: string;
      readonly count: number;
    })
  | (Happened & { readonly kind: 'undo'; readonly of: string });

export const SERVICE_EVENT_KINDS = [
  'ordered',
  'changed',
  'fired',
  'held',
  'cancelled',
  'sent',
  'refired',
  'moved',
  'way',
  'begun',
  'set',
  'measured',
  'out',
  'back',
  'put',
  'washed',
  'hands',
  'side',
  'stock',
  'undo',
] as const satisfies readonly ServiceEvent['kind'][];

export type BegunEvent = Extract<ServiceEvent, { kind: 'begun' }>;
