/** Events that say no more than what happened and when. */
export const PRESS_KINDS = [
  'started',
  'in',
  'turned',
  'flat',
  'butter',
  'edges',
  'into-oven',
  'out',
  'pulled',
  'sliced',
] as const;
export type PressKind = (typeof PRESS_KINDS)[number];

/** What may happen at the stove. */
export const EVENT_KINDS = [...PRESS_KINDS, 'reading', 'undo'] as const;
export type EventKind = (typeof EVENT_KINDS)[number];

/** One press at the stove. Events are only ever added; an undo names the one it takes back. */
export type CookEvent =
  | {
      readonly id: string;
      readonly kind: PressKind;
      /** ms since 1970, by the device's clock. */
      readonly at: number;
    }
  | {
      readonly id: string;
      readonly kind: 'reading';
      readonly at: number;
      /** Core temperature read, C. */
      readonly celsius: number;
    }
  | { readonly id: string; readonly kind: 'undo'; readonly at: number; readonly of: string };
