import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { SEARCH_CORPUS } from '../tests/searchCorpus';
import { cookSearchSchema } from './cookSearch';
import { readSearch, type ReadSearch } from './readSearch';
import { SEARCH_WORDS } from './searchWords';

/** A search in the spelling of the corpus. */
const write = ({ asked, span, words, unread }: ReadSearch): string => {
  const day = span && `span=${span.since ? 'since ' : ''}${span.of}`;
  const fields = Object.entries(asked).map(
    ([key, value]) => `${key}=${typeof value === 'number' ? Number(value.toFixed(5)) : value}`,
  );
  return [
    ...[...fields, ...(day === undefined ? [] : [day])].toSorted(),
    ...(words === '' ? [] : [`| ${words}`]),
    ...unread.map(({ text }) => `? ${text}`),
  ].join(' ');
};

describe('a search of the logbook', () => {
  it.each(SEARCH_CORPUS)('%s', (text, meaning) => {
    expect(write(readSearch(text))).toBe(meaning);
  });

  it('takes degrees without a letter on the kitchen’s scale', () => {
    const { asked } = readSearch('over 130°', 'f');
    expect(asked.targetFrom).toBeCloseTo(54.4, 1);
  });

  it('whatever is written is read into a valid search, and never throws', () => {
    const word = fc.oneof(
      fc.constantFrom(...Object.values(SEARCH_WORDS).flatMap((list) => list.split(/,\s*/))),
      fc.constantFrom('4 cm', '900 kg', '55C', '-', '2026', '1 1/4"', 'thyme', ',', 'ribeye'),
      fc.string({ maxLength: 6 }),
    );
    const text = fc.array(word, { maxLength: 20 }).map((all) => all.join(' '));
    fc.assert(
      fc.property(fc.oneof(text, fc.string({ unit: 'binary' })), (one) => {
        const { asked, words } = readSearch(one);
        expect(cookSearchSchema.safeParse({ ...asked, words }).error).toBeUndefined();
      }),
      { numRuns: 300 },
    );
  });
});
