import { pageLocale } from '../store/locale';
import { dayOf, daysAhead, plateMoment, type PlateTime } from '../store/plateTime';
import type { Show } from './show';
import { t } from '../t';

/** From this hour on today is tonight. */
const EVENING = 17;
/** Days ahead beyond which a weekday is ambiguous. */
const WEEK = 6;

const WEEKDAY = new Intl.DateTimeFormat(pageLocale(), { weekday: 'long' });
const DATE = new Intl.DateTimeFormat(pageLocale(), {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
});

/** Days that have a name of their own, by the number of days ahead. */
const nearDay = (ms: number, ahead: number): string | undefined => {
  if (ahead === 0) return new Date(ms).getHours() >= EVENING ? t('tonight') : t('today');
  if (ahead === 1) return t('tomorrow');
  return ahead === -1 ? t('yesterday') : undefined;
};

/** Name of a day relative to today: `tonight`, `tomorrow`, `Saturday`, `Sat 12 Dec`. */
export const formatDay = (ms: number, now: number): string => {
  const ahead = daysAhead(dayOf(ms), now);
  return nearDay(ms, ahead) ?? (ahead > 1 && ahead <= WEEK ? WEEKDAY : DATE).format(ms);
};

/** A moment with its day: `tonight, 19:00`. */
export const formatMoment = (ms: number, now: number, show: Show): string =>
  `${formatDay(ms, now)}, ${show.clock(ms)}`;

/** A plate time in the sentence, after "on the plate": `at 19:30`, `on Saturday at 19:30`. */
export const describePlate = (plate: PlateTime, now: number, show: Show): string => {
  const moment = plateMoment(plate, now);
  const hour = t('at', { clock: show.clock(moment) });
  if (plate.day === undefined) return hour;
  const near = nearDay(moment, daysAhead(dayOf(moment), now));
  return `${near ?? t('on', { day: formatDay(moment, now) })} ${hour}`;
};
