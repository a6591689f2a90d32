import { endOfDay } from 'date-fns/endOfDay';
import { endOfMonth } from 'date-fns/endOfMonth';
import { endOfWeek } from 'date-fns/endOfWeek';
import { endOfYear } from 'date-fns/endOfYear';
import { startOfDay } from 'date-fns/startOfDay';
import { startOfMonth } from 'date-fns/startOfMonth';
import { startOfWeek } from 'date-fns/startOfWeek';
import { startOfYear } from 'date-fns/startOfYear';
import { subDays } from 'date-fns/subDays';
import { subMonths } from 'date-fns/subMonths';
import { subWeeks } from 'date-fns/subWeeks';
import { subYears } from 'date-fns/subYears';
import type { CookSearch } from '@crustan/core/formats';
import { MONTHS, type SaidSpan } from '@crustan/core/phrases/saidSpan';

const MONDAY = { weekStartsOn: 1 } as const;

type Bounds = readonly [from: Date, to: Date];
const day = (date: Date): Bounds => [startOfDay(date), endOfDay(date)];
const week = (date: Date): Bounds => [startOfWeek(date, MONDAY), endOfWeek(date, MONDAY)];
const month = (date: Date): Bounds => [startOfMonth(date), endOfMonth(date)];
const year = (date: Date): Bounds => [startOfYear(date), endOfYear(date)];

const NAMED = {
  today: day,
  yesterday: (now: Date) => day(subDays(now, 1)),
  'this-week': week,
  'last-week': (now: Date) => week(subWeeks(now, 1)),
  'this-month': month,
  'last-month': (now: Date) => month(subMonths(now, 1)),
  'this-year': year,
  'last-year': (now: Date) => year(subYears(now, 1)),
} as const;
const isNamed = (of: SaidSpan['of']): of is keyof typeof NAMED => of in NAMED;

const boundsOf = (of: SaidSpan['of'], now: Date): Bounds => {
  if (typeof of === 'number') return year(new Date(of, 0));
  if (isNamed(of)) return NAMED[of](now);
  // The last month of that name; this one included.
  return month(subMonths(startOfMonth(now), (now.getMonth() - MONTHS.indexOf(of) + 12) % 12));
};

/** The days of a search as moments, ms since 1970: whole days of the device's calendar, weeks from Monday. */
export const spanOf = (
  span: SaidSpan | undefined,
  now: number,
): Pick<CookSearch, 'from' | 'to'> => {
  if (!span) return {};
  const [from, to] = boundsOf(span.of, new Date(now));
  return { from: from.getTime(), ...(span.since ? {} : { to: to.getTime() }) };
};
