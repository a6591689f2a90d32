import { format } from 'date-fns/format';
import { dayOf, daysAhead, plateMoment, type PlateTime } from '../store/plateTime';
import type { Show } from './show';
import { t } from '../t';

/** From this hour on today is tonight. */
const EVENING = 17;
/** Days ahead beyond which a weekday is ambiguous. */
const WEEK = 6;

/** Name of a day relative to today: `tonight`, `tomorrow`, `Saturday`, `Sat 12 Dec`. */
export const formatDay = (ms: number, now: number): string => {
  const ahead = daysAhead(dayOf(ms), now);
  if (ahead === 0) return new Date(ms).getHours() >= EVENING ? 'tonight' : 'today';
  if (ahead === 1) return 'tomorrow';
  if (ahead === -1) return 'yesterday';
  return format(ms, ahead > 1 && ahead <= WEEK ? 'EEEE' : t('eee-d-mmm'));
};

/** A moment with its day: `tonight, 19:00`. */
export const formatMoment = (ms: number, now: number, show: Show): string =>
  `${formatDay(ms, now)}, ${show.clock(ms)}`;

/** A plate time in the sentence, after "on the plate": `at 19:30`, `on Saturday at 19:30`. */
export const describePlate = (plate: PlateTime, now: number, show: Show): string => {
  const moment = plateMoment(plate, now);
  const hour = t('at', { clock: show.clock(moment) });
  if (plate.day === undefined) return hour;
  const day = formatDay(moment, now);
  return `${/^[A-Z]/.test(day) ? t('on', { day }) : day} ${hour}`;
};
