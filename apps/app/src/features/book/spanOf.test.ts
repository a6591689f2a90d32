import { spanOf } from './spanOf';

const at = (...of: [number, number, number, number?, number?, number?, number?]): number =>
  new Date(...of).getTime();
/** A Wednesday. */
const NOW = at(2026, 1, 11, 15);

describe('the days of a search', () => {
  it.each([
    ['today', at(2026, 1, 11), at(2026, 1, 11, 23, 59, 59, 999)],
    ['yesterday', at(2026, 1, 10), at(2026, 1, 10, 23, 59, 59, 999)],
    ['this-week', at(2026, 1, 9), at(2026, 1, 15, 23, 59, 59, 999)],
    ['last-week', at(2026, 1, 2), at(2026, 1, 8, 23, 59, 59, 999)],
    ['last-month', at(2026, 0, 1), at(2026, 0, 31, 23, 59, 59, 999)],
    ['last-year', at(2025, 0, 1), at(2025, 11, 31, 23, 59, 59, 999)],
    ['february', at(2026, 1, 1), at(2026, 1, 28, 23, 59, 59, 999)],
    ['november', at(2025, 10, 1), at(2025, 10, 30, 23, 59, 59, 999)],
    [2024, at(2024, 0, 1), at(2024, 11, 31, 23, 59, 59, 999)],
  ] as const)('%s', (of, from, to) => {
    expect(spanOf({ of, since: false }, NOW)).toEqual({ from, to });
  });

  it('have no end since a day, and no bounds where none was said', () => {
    expect(spanOf({ of: 'october', since: true }, NOW)).toEqual({ from: at(2025, 9, 1) });
    expect(spanOf(undefined, NOW)).toEqual({});
  });
});
