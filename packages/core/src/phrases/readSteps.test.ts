import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import type { SaidStep, SaidTime } from '../plan/ownTimes/saidStep';
import { writeOwnSteps } from '../plan/ownTimes/writeOwnSteps';
import { RECIPE_CORPUS } from '../tests/recipeCorpus';
import { TIMES_CORPUS } from '../tests/timesCorpus';
import { writeMeaning } from '../tests/writeMeaning';
import { ENGLISH_WORDS } from './englishWords';
import { readSteps, type ReadSteps } from './readSteps';
import { answered } from './unreadPart';

/** All reports to a text's reader beside its steps. */
const toldIn = ({ unread, leftOut }: ReadSteps): readonly string[] =>
  [...unread.map(({ text }) => text), ...leftOut].map((text) => text.toLowerCase());

/** The two parts of a meaning: steps, and reports. */
const parts = (meaning: string): readonly [string, readonly string[]] => {
  const [steps = '', told] = meaning.split('?');
  const words = (told ?? '').split('|').map((one) => one.trim().toLowerCase());
  return [steps.trim(), words.filter((one) => one !== '')];
};

describe('a line of cooking times', () => {
  it.each(TIMES_CORPUS)('%s', (text, meaning) => {
    const read = readSteps(text, { isLine: true });
    const [steps, told] = parts(meaning);
    expect(writeMeaning(read.steps)).toBe(steps);
    const said = toldIn({ ...read, leftOut: [] });
    for (const word of told) expect(said.some((one) => one.includes(word))).toBe(true);
    expect(read.unread.length > 0).toBe(told.length > 0);
  });

  it('takes a heat without a letter on the cook’s own scale', () => {
    const inF = readSteps('oven 428 8 min, pan 430 2 min', { scale: 'f', isLine: true });
    expect(writeMeaning(inF.steps)).toBe('o480@220 p120@221.1');
    expect(writeMeaning(readSteps('oven 220c 8 min', { scale: 'f', isLine: true }).steps)).toBe(
      'o480@220',
    );
    const [asked] = readSteps('oven 425 8 min', { isLine: true }).unread;
    expect(asked?.why).toContain('is it 425 F?');
  });
});

describe('a phrase with two meanings', () => {
  it.each<readonly [text: string, which: number, meaning: string]>([
    ['oven 425 8 min', 0, 'o480@218.3'],
    ['3 min, turn, 2 min, leave for 8', 0, 'p180 t p120 r480'],
    ['3 min, turn, 2 min, leave for 8', 1, 'p180 t p120 p480'],
    ['250F until 120F then sear 1 min per side', 0, 'o@121.1!48.9 p60 t p60'],
    ['4 min/3 min, rest 5', 0, 'p240 t p180 r300'],
  ])('is asked about, and reads as its answer: %s', (text, which, meaning) => {
    const asked = readSteps(text, { isLine: true }).unread.find(({ asks }) => asks !== undefined);
    const answer = asked?.asks?.instead[which];
    if (!asked || answer === undefined) throw new Error('nothing was asked');
    const read = readSteps(answered(text, asked, answer), { isLine: true });
    expect(writeMeaning(read.steps)).toBe(meaning);
    expect(read.unread).toEqual([]);
  });
});

describe('a recipe', () => {
  it.each(RECIPE_CORPUS)('$text', ({ text, meaning, settings = {} }) => {
    const read = readSteps(text);
    const [steps, told] = parts(meaning);
    expect(writeMeaning(read.steps)).toBe(steps);
    for (const word of told) expect(toldIn(read).some((one) => one.includes(word))).toBe(true);
    expect(read.settings).toMatchObject(settings);
  });
});

describe('whatever is written', () => {
  const words = Object.values(ENGLISH_WORDS).flatMap((list) => list.split(/,\s*/));
  const word = fc.oneof(
    fc.constantFrom(...words),
    fc.constantFrom(
      '3 min',
      '1 1/2',
      '½',
      '220 C',
      '52',
      "4'",
      'x 2',
      ',',
      '.',
      '\n',
      'until',
      '-',
    ),
    fc.string({ maxLength: 6 }),
  );

  it('is read or refused, and never throws', () => {
    const text = fc.array(word, { maxLength: 60 }).map((all) => all.join(' '));
    fc.assert(
      fc.property(fc.oneof(text, fc.string({ unit: 'binary' })), fc.boolean(), (one, isLine) => {
        const { steps } = readSteps(one, { isLine });
        for (const step of steps) {
          if (step.do === 'turn' || !step.time) continue;
          expect(step.time.least).toBeGreaterThanOrEqual(1);
          expect(step.time.most).toBeGreaterThanOrEqual(step.time.least);
        }
        expect(steps.at(0)?.do).not.toBe('turn');
      }),
      { numRuns: 200 },
    );
  });

  it('reads the steps that it wrote itself', () => {
    const seconds = fc.integer({ min: 1, max: 900 });
    const time: fc.Arbitrary<SaidTime> = fc
      .tuple(seconds, fc.oneof(fc.constant(0), seconds))
      .map(([least, more]) => ({ least, most: least + more }));
    const until = fc.integer({ min: 31, max: 89 });
    const pan = fc.option(fc.integer({ min: 121, max: 399 }), { nil: undefined });
    const air = fc.option(fc.integer({ min: 61, max: 259 }), { nil: undefined });
    const every = fc.integer({ min: 10, max: 300 });
    const step: fc.Arbitrary<SaidStep> = fc.oneof(
      fc.record({ do: fc.constant('pan' as const), time, pan }),
      fc.record({ do: fc.constant('pan' as const), time, every }),
      fc.record({ do: fc.constant('pan' as const), until, every }),
      fc.record({ do: fc.constant('pan' as const), time, basted: fc.constant(true as const) }),
      fc.record({ do: fc.constant('pan' as const), until, pan }),
      fc.record({ do: fc.constant('turn' as const) }),
      fc.record({ do: fc.constant('oven' as const), time, air }),
      fc.record({ do: fc.constant('oven' as const), until, air }),
      fc.record({ do: fc.constant('rest' as const), time }),
    );
    fc.assert(
      fc.property(fc.array(step, { maxLength: 8 }), (drawn) => {
        const first = drawn.findIndex(({ do: does }) => does === 'pan' || does === 'oven');
        const steps = first === -1 ? [] : drawn.slice(first);
        const read = readSteps(writeOwnSteps(steps), { isLine: true });
        expect(writeMeaning(read.steps)).toBe(writeMeaning(steps));
        expect(read.unread).toEqual([]);
      }),
    );
  });
});
