import { format } from 'date-fns/format';
import { dayOf, daysAhead, plateMoment, type PlateTime } from '../store/plateTime';

/** From this hour on today is tonight. */
const EVENING = 17;
/** Further ahead than this a weekday alone could be two days. */
const WEEK = 6;

/** A day as it is spoken of from today: `tonight`, `tomorrow`, `Saturday`, `Sat 12 Dec`. */
export const sayDay = (ms: number, now: number): string => {
  const ahead = daysAhead(dayOf(ms), now);
  if (ahead === 0) return new Date(ms).getHours() >= EVENING ? 'tonight' : 'today';
  if (ahead === 1) return 'tomorrow';
  if (ahead === -1) return 'yesterday';
  return format(ms, ahead > 1 && ahead <= WEEK ? 'EEEE' : 'EEE d MMM');
};

/** A moment with its day: `tonight, 19:00`. */
export const sayMoment = (ms: number, now: number): string =>
  `${sayDay(ms, now)}, ${format(ms, 'HH:mm')}`;

/** A plate time in the sentence, after "on the plate": `at 19:30`, `on Saturday at 19:30`. */
export const sayPlate = (plate: PlateTime, now: number): string => {
  if (plate.day === undefined) return `at ${plate.hour}`;
  const day = sayDay(plateMoment(plate, now), now);
  return `${/^[A-Z]/.test(day) ? `on ${day}` : day} at ${plate.hour}`;
};
