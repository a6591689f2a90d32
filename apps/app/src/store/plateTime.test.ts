import * as fc from 'fast-check';
import { dayAhead, firstPlateTime, hourOf, plateMoment, plateTimeOf } from './plateTime';

const at = (text: string): number => new Date(text).getTime();

describe('a plate time', () => {
  it('without a day is the next occurrence of its time', () => {
    const now = at('2026-11-26T18:00:00');
    expect(plateMoment({ hour: '19:30' }, now)).toBe(at('2026-11-26T19:30:00'));
    expect(plateMoment({ hour: '17:00' }, now)).toBe(at('2026-11-27T17:00:00'));
    expect(plateMoment({ hour: '12:00', day: '2026-11-29' }, now)).toBe(at('2026-11-29T12:00:00'));
  });

  it('keeps its clock time across a change of clocks; a skipped hour becomes the next', () => {
    const now = at('2026-10-22T18:00:00');
    const before = plateMoment({ hour: '19:30', day: '2026-10-24' }, now);
    const after = plateMoment({ hour: '19:30', day: '2026-10-25' }, now);
    // The tests run where clocks change: the night of the 25th has an hour more.
    expect(after - before).toBe(25 * 3_600_000);
    expect(new Date(after).getHours()).toBe(19);
    const spring = plateMoment({ hour: '02:30', day: '2027-03-28' }, at('2027-03-27T12:00:00'));
    expect(new Date(spring).getHours()).toBe(3);
    expect(plateMoment({ hour: '19:30' }, at('2026-10-24T20:00:00'))).toBe(after);
  });

  it('round-trips for any future moment', () => {
    const now = at('2026-11-26T18:00:00');
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 366 * 24 * 60 }), (minutes) => {
        const moment = now + minutes * 60_000;
        const said = plateTimeOf(moment, now);
        const back = plateMoment(said, now);
        // If the clocks show an hour twice, the first one is meant.
        expect([0, 3_600_000]).toContain(Math.abs(back - moment));
        expect(hourOf(said.hour)).toBe(said.hour);
        if (said.day !== undefined) expect(dayAhead(said.day, now)).toBe(said.day);
      }),
    );
    expect(plateTimeOf(now - 60_000, now)).toEqual({ hour: '17:59' });
  });

  it('refuses what is no hour, and days past or years away', () => {
    const now = at('2026-11-26T18:00:00');
    expect(['25:00', '7:5', '', '19:30:00'].map(hourOf)).toEqual([
      undefined,
      undefined,
      undefined,
      undefined,
    ]);
    const days = ['2026-11-25', '2028-01-01', '2026-02-31', 'soon', '2026-11-26', '2027-11-01'];
    expect(days.map((day) => dayAhead(day, now))).toEqual([
      undefined,
      undefined,
      undefined,
      undefined,
      '2026-11-26',
      '2027-11-01',
    ]);
    expect(hourOf(firstPlateTime(now).hour)).toBe('18:45');
  });
});
