// One by one: the bundler keeps the whole of a package that is asked for by its name.
import { addDays } from 'date-fns/addDays';
import { differenceInCalendarDays } from 'date-fns/differenceInCalendarDays';
import { format } from 'date-fns/format';
import { isValid } from 'date-fns/isValid';
import { parseISO } from 'date-fns/parseISO';
import { roundToNearestMinutes } from 'date-fns/roundToNearestMinutes';

/** Plate time as the cook gives it: an hour of a day, by the local clock. */
export interface PlateTime {
  /** Hours and minutes, `19:30`. */
  readonly hour: string;
  /** `2026-11-28`; undefined: the next time the clock shows the hour. */
  readonly day?: string | undefined;
}

const HOUR = 'HH:mm';
const DAY = 'yyyy-MM-dd';

/** Longest time in advance for which a plate can be planned, days. */
const FURTHEST = 366;

const momentOf = (day: string, hour: string): Date => parseISO(`${day}T${hour}`);

/** The day of a moment, as a plate time has it. */
export const dayOf = (ms: number): string => format(ms, DAY);

/** The hour of a moment, as a plate time has it. */
export const hourAt = (ms: number): string => format(ms, HOUR);

/** Hour of a plate time; undefined if it is invalid. */
export const hourOf = (text: string): string | undefined =>
  /^\d\d:\d\d$/.test(text) && isValid(parseISO(`2000-01-01T${text}`)) ? text : undefined;

/** A day from today to a year ahead; undefined if it is outside that range. */
export const dayAhead = (text: string, now: number): string | undefined => {
  const at = parseISO(text);
  if (!/^\d{4}-\d\d-\d\d$/.test(text) || !isValid(at)) return undefined;
  const ahead = differenceInCalendarDays(at, now);
  return ahead >= 0 && ahead <= FURTHEST ? dayOf(at.getTime()) : undefined;
};

/** An hour from now, to the next quarter: a plate time nobody has to correct much. */
export const firstPlateTime = (now: number): PlateTime => ({
  hour: format(
    roundToNearestMinutes(now + 40 * 60_000, { nearestTo: 15, roundingMethod: 'ceil' }),
    HOUR,
  ),
});

/** The moment of a plate time, ms since 1970. An hour that the clocks leap over is the one after it. */
export const plateMoment = ({ hour, day }: PlateTime, now: number): number => {
  if (day !== undefined) return momentOf(day, hour).getTime();
  const today = momentOf(dayOf(now), hour).getTime();
  return today >= now ? today : momentOf(dayOf(addDays(now, 1).getTime()), hour).getTime();
};

/** A moment as a plate time: with its day, unless it is past or the next time the clock shows its hour. */
export const plateTimeOf = (ms: number, now: number): PlateTime => {
  const hour = hourAt(ms);
  const soon = plateMoment({ hour }, now);
  const minute = 60_000;
  return ms < now || Math.abs(soon - ms) < minute ? { hour } : { hour, day: dayOf(ms) };
};

/** Number of days from today to a day. */
export const daysAhead = (day: string, now: number): number =>
  differenceInCalendarDays(parseISO(day), now);

/** The days that are offered without a calendar: this one and those that follow it. */
export const nextDays = (now: number, count: number): readonly string[] =>
  Array.from({ length: count }, (_, i) => dayOf(addDays(now, i).getTime()));

/** The last day that may be planned. */
export const lastDay = (now: number): string => dayOf(addDays(now, FURTHEST).getTime());
