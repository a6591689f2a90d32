import { showIn } from './show';
import { formatDay, formatMoment, describePlate } from './describePlate';

const show = showIn('metric');
const now = new Date(2026, 10, 26, 12).getTime();
const at = (day: number, hour = 19, minute = 30): number =>
  new Date(2026, 10, day, hour, minute).getTime();

it('speaks of a day as one does from today', () => {
  expect([25, 26, 27, 28, 32, 33].map((day) => formatDay(at(day), now))).toEqual([
    'yesterday',
    'tonight',
    'tomorrow',
    'Saturday',
    'Wednesday',
    'Thu 3 Dec',
  ]);
  expect(formatDay(at(26, 14), now)).toBe('today');
  expect(formatMoment(at(26, 19, 0), now, show)).toBe('tonight, 19:00');
});

it('says when the plate is wanted', () => {
  expect(describePlate({ hour: '19:30' }, now, show)).toBe('at 19:30');
  expect(describePlate({ hour: '19:30', day: '2026-11-27' }, now, show)).toBe('tomorrow at 19:30');
  expect(describePlate({ hour: '12:00', day: '2026-11-28' }, now, show)).toBe(
    'on Saturday at 12:00',
  );
  expect(describePlate({ hour: '12:00', day: '2026-12-24' }, now, show)).toBe(
    'on Thu 24 Dec at 12:00',
  );
});

it('counts the hours by twelve where the cook does', () => {
  const twelve = showIn('metric', '12');
  expect(formatMoment(at(26, 19, 0), now, twelve)).toBe('tonight, 7:00 pm');
  expect(describePlate({ hour: '00:15', day: '2026-11-28' }, now, twelve)).toBe(
    'on Saturday at 12:15 am',
  );
  expect(twelve.clockSeconds(at(26, 12, 5))).toBe('12:05:00 pm');
});
