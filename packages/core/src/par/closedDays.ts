import { dayOf, weekdayOf, type DemandDay } from './demandDay';

/** Least number of pieces on a normal day of a house in which a day without any counts as closed. */
const BUSY = 3;
/**
 * Number of closed days of a weekday, without an open one, that make a closed weekday; weeks without any row of the weekday count
 * too.
 */
const LEAST_DAYS = 2;
const LEAST_WEEKS = 4;
const WEEK = 7;

/** Days on which a house was closed, and the weekdays on which it always is. */
export interface ClosedDays {
  readonly dates: ReadonlySet<string>;
  /** From Sunday. */
  readonly weekdays: readonly boolean[];
}

/**
 * Finds the closed days of a house from the weekly pattern: a day without a single order is not a day without demand.
 */
export const closedDays = (history: readonly DemandDay[]): ClosedDays => {
  const totals = new Map<string, number>();
  for (const { date, count } of history) totals.set(date, (totals.get(date) ?? 0) + count);
  const busy = [...totals.values()].filter((total) => total > 0);
  const typical = busy.reduce((sum, total) => sum + total, 0) / Math.max(1, busy.length);
  const dates = new Set(
    typical < BUSY ? [] : [...totals].flatMap(([date, total]) => (total === 0 ? [date] : [])),
  );
  const all = [...totals.keys()].map(dayOf);
  const weeks = all.length === 0 ? 0 : (Math.max(...all) - Math.min(...all)) / WEEK;
  const weekdays = Array.from({ length: WEEK }, (_, weekday) => {
    const mine = [...totals.keys()].filter((date) => weekdayOf(dayOf(date)) === weekday);
    if (mine.length === 0) return weeks >= LEAST_WEEKS;
    return mine.length >= LEAST_DAYS && mine.every((date) => dates.has(date));
  });
  return { dates, weekdays };
};
