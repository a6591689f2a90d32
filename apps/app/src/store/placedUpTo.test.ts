import { placedUpTo, type EntryPlace } from './placedUpTo';

const placesOf = (places: Readonly<Record<string, EntryPlace>>) =>
  new Map<string, EntryPlace>(Object.entries(places));
const made = new Set(['a', 'b']);

describe('the part of the log that a schedule has', () => {
  it.each([
    ['all of it', { a: 4, b: 9 }, { seq: 9, left: 0 }],
    ['up to the first entry that it lacks', { a: 4, b: 9, c: 7 }, { seq: 4, left: 0 }],
    [
      'all of it while a later entry is unsent',
      { a: 4, b: 9, c: 'unsent' as const },
      { seq: 9, left: 0 },
    ],
    ['an entry that was not heard yet', { a: 4, b: undefined }, { seq: 4, left: 0 }],
    ['an unsent entry', { a: 4, b: 'unsent' as const }, { seq: 4, left: 1 }],
    ['an entry that was refused', { a: 4, c: 6 }, { seq: 4, left: 1 }],
    ['nothing that was heard', { c: 2 }, { seq: 0, left: 2 }],
  ])('is %s', (_case, places: Readonly<Record<string, EntryPlace>>, found) => {
    expect(placedUpTo(made, placesOf(places))).toEqual(found);
  });
});
