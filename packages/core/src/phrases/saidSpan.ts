/** Months, as `Date.getMonth` counts them. */
export const MONTHS = [
  'january',
  'february',
  'march',
  'april',
  'may',
  'june',
  'july',
  'august',
  'september',
  'october',
  'november',
  'december',
] as const;
export type Month = (typeof MONTHS)[number];

/** A part of the calendar in a cook's words. */
export interface SaidSpan {
  readonly of:
    | 'today'
    | 'yesterday'
    | 'this-week'
    | 'last-week'
    | 'this-month'
    | 'last-month'
    | 'this-year'
    | 'last-year'
    | Month
    /** A year by its number. */
    | number;
  /** From its beginning until now. */
  readonly since: boolean;
}
