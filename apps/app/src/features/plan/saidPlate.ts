import { addDays } from 'date-fns/addDays';
import { getDay } from 'date-fns/getDay';
import type { ReadDinner } from '@crustan/core/phrases/readDinner';
import { WEEKDAYS, type SaidDay } from '@crustan/core/phrases/saidDay';
import { dayOf, type PlateTime } from '../../store/plateTime';

/** Days from today to a day that was said: a weekday is the next of its name, today included. */
const daysTo = (day: SaidDay, now: number): number => {
  if (day === 'today') return 0;
  if (day === 'tomorrow') return 1;
  return (WEEKDAYS.indexOf(day) - getDay(now) + 7) % 7;
};

/** Plate time with the parts that the sentence gives; other parts stay unchanged. Undefined if it gives none. */
export const saidPlate = (
  { hour, day }: Pick<ReadDinner, 'hour' | 'day'>,
  plate: PlateTime,
  now: number,
): PlateTime | undefined => {
  if (hour === undefined && day === undefined) return undefined;
  const on = day === undefined ? undefined : dayOf(addDays(now, daysTo(day, now)).getTime());
  return { hour: hour ?? plate.hour, ...(on === undefined ? {} : { day: on }) };
};
