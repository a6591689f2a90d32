import { CUTS } from '../food';
import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { DINNER_CORPUS } from '../tests/dinnerCorpus';
import { writeDinner } from '../tests/writeDinner';
import { DINNER_WORDS } from './dinnerWords';
import { readDinner } from './readDinner';
import { answered } from './unreadPart';

describe('a dinner in one sentence', () => {
  it.each(DINNER_CORPUS)('%s', (text, meaning) => {
    const read = readDinner(text);
    const [said = '', told = ''] = meaning.split('?');
    expect(writeDinner(read)).toBe(said.trim());
    const unused = read.unread.map((one) => one.text.toLowerCase());
    const words = told.split('|').flatMap((one) => (one.trim() === '' ? [] : [one.trim()]));
    for (const word of words) expect(unused.some((one) => one.includes(word))).toBe(true);
    expect(unused.length > 0).toBe(words.length > 0);
  });

  it('takes degrees without a letter on the kitchen’s scale, and a doneness of the piece at hand', () => {
    expect(readDinner('ribeye 130, 1 inch', { scale: 'f' }).request.target).toBeCloseTo(54.4, 1);
    expect(readDinner('medium rare', { cut: 'duck-breast' }).request).toEqual({ target: 57 });
    expect(readDinner('medium rare').unread[0]?.why).toContain('a cut would be right');
  });

  it.each([
    ['ribeye 130', 'ribeye 54C'],
    ['ribeye at half seven', 'ribeye 19:30'],
    ['two fillets, rare', 'fillet-steak x2 50C'],
  ])('asks about a phrase with two meanings, and reads its answer: %s', (text, meaning) => {
    const [asked] = readDinner(text).unread.filter(({ asks }) => asks !== undefined);
    const answer = asked?.asks?.instead[0];
    if (!asked || answer === undefined) throw new Error('nothing was asked');
    expect(writeDinner(readDinner(answered(text, asked, answer)))).toBe(meaning);
  });

  it('marks the words that it used, within the text', () => {
    const text = 'two ribeyes with chips, rare';
    const { used } = readDinner(text);
    expect(used.map(({ from, to }) => text.slice(from, to))).toEqual(['two', 'ribeyes', 'rare']);
  });

  it('whatever is written is read or told, and never throws', () => {
    const lists = [
      ...Object.values(DINNER_WORDS),
      ...Object.values(CUTS).map(({ words }) => words),
    ];
    const word = fc.oneof(
      fc.constantFrom(...lists.flatMap((list) => list.split(/,\s*/))),
      fc.constantFrom('4 cm', '1 1/4', '"', '130F', '55', '7:30', '25:99', ',', '300 g', 'x 3'),
      fc.string({ maxLength: 6 }),
    );
    const text = fc.array(word, { maxLength: 40 }).map((all) => all.join(' '));
    fc.assert(
      fc.property(fc.oneof(text, fc.string({ unit: 'binary' })), (one) => {
        const { request, hour } = readDinner(one);
        expect(request.pieces ?? 1).toBeGreaterThanOrEqual(1);
        expect(hour ?? '00:00').toMatch(/^\d\d:\d\d$/);
      }),
      { numRuns: 200 },
    );
  });
});
