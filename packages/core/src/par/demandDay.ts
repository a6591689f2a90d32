/** Orders of one dish on one day. */
export interface DemandDay {
  /** As 2026-11-25. */
  readonly date: string;
  /** Id of a dish of the menu, or the name that a table has. */
  readonly dish: string;
  readonly count: number;
  /** Service that it was counted from; undefined: a table. */
  readonly source?: string | undefined;
}

const DAY = 86_400_000;

/** Days since 1970 of a date. */
export const dayOf = (date: string): number => Math.round(Date.parse(`${date}T00:00:00Z`) / DAY);

export const dateOf = (day: number): string => new Date(day * DAY).toISOString().slice(0, 10);

/** Sunday is 0. */
export const weekdayOf = (day: number): number => (((day + 4) % 7) + 7) % 7;
