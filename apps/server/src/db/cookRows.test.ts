import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import {
  cookEventSchema,
  CRUST_SEEN,
  judgementSchema,
  WOULD_COOK_AGAIN,
  type CookSearch,
  type Judgement,
} from '@crustan/core/formats';
import { INSTRUMENTS, PRESS_KINDS, TROUBLES, type CookEvent } from '@crustan/core/cook';
import { ACTION_KINDS } from '@crustan/core/schedule';
import { newId, planRecord, T0, temporaryBook } from '../testing';
import { allLines, listCooks } from './cookList';
import { happenedColumns, judgementRow, toJudgement } from './cookRows';
import { cookRow, rawEvent } from './logRows';
import { cookStore } from './cookStore';

const uuid = fc.uuid({ version: 4 });
const at = fc.integer({ min: T0, max: T0 + 1e9 });
const words = fc
  .string({ minLength: 1, maxLength: 60, unit: 'grapheme' })
  .map((text) => text.trim())
  .filter((text) => text !== '');

/** Any event that the schema lets through. */
const anyEvent: fc.Arbitrary<CookEvent> = fc.oneof(
  fc.record({ id: uuid, at, kind: fc.constantFrom(...PRESS_KINDS) }),
  fc.record({
    id: uuid,
    at,
    kind: fc.constant('reading' as const),
    celsius: fc.double({ min: -5, max: 120, noNaN: true }).map((value) => value + 0),
    by: fc.constantFrom(...INSTRUMENTS),
  }),
  fc.record({
    id: uuid,
    at,
    kind: fc.constant('reading' as const),
    celsius: fc.double({ min: -5, max: 120, noNaN: true }).map((value) => value + 0),
    lowest: fc.constant(true as const),
  }),
  fc.record({ id: uuid, at, kind: fc.constant('undo' as const), of: uuid }),
  fc.record({ id: uuid, at, kind: fc.constant('corrected' as const), of: uuid, to: at }),
  fc.record({
    id: uuid,
    at,
    kind: fc.constant('skipped' as const),
    step: fc.constantFrom(...ACTION_KINDS),
  }),
  fc.record({ id: uuid, at, kind: fc.constant('note' as const), text: words }),
  fc.record({
    id: uuid,
    at,
    kind: fc.constant('changed' as const),
    why: fc.constantFrom(...TROUBLES),
    legs: fc.array(
      fc.record({
        kind: fc.constantFrom('sear' as const, 'oven' as const),
        seconds: fc.integer({ min: 0, max: 3600 }),
        flips: fc.array(fc.integer({ min: 0, max: 3600 }), { maxLength: 4 }),
      }),
      { maxLength: 3 },
    ),
    restSeconds: fc.integer({ min: 0, max: 3600 }),
  }),
);

describe('rows of the logbook', () => {
  it('give every event back as it was said', () => {
    fc.assert(
      fc.property(anyEvent, (event) => {
        fc.pre(cookEventSchema.safeParse(event).success);
        const { id, kind, at, body = null } = cookRow(event, newId(), T0);
        expect(cookEventSchema.parse(rawEvent({ id, kind, at, body }))).toEqual(
          cookEventSchema.parse(event),
        );
      }),
    );
  });

  it('give every judgement back as it was said', () => {
    const said: fc.Arbitrary<Judgement> = fc
      .record(
        {
          endTemperature: fc.double({ min: 0, max: 120, noNaN: true }).map((value) => value + 0),
          doneness: words.filter((text) => text.length <= 40),
          crust: fc.constantFrom(...CRUST_SEEN),
          again: fc.constantFrom(...WOULD_COOK_AGAIN),
          weightBefore: fc.double({ min: 0.02, max: 5, noNaN: true }),
          weightAfter: fc.double({ min: 0.02, max: 5, noNaN: true }),
          paid: fc.double({ min: 0, max: 1000, noNaN: true }).map((value) => value + 0),
          notes: fc.string({ maxLength: 100 }),
        },
        { requiredKeys: ['notes'] },
      )
      .map((value) => judgementSchema.parse(value));
    fc.assert(
      fc.property(said, (judgement) => {
        expect(toJudgement(judgementRow(newId(), judgement, T0))).toEqual(judgement);
      }),
    );
  });

  it('sum up what happened, whatever was taken back and mended, and readings change none of it', () => {
    const { plan } = planRecord();
    const press = (kind: 'in' | 'pulled' | 'sliced', seconds: number): CookEvent => ({
      id: newId(),
      kind,
      at: T0 + seconds * 1000,
    });
    const wrong = press('pulled', 100);
    const events: CookEvent[] = [
      press('in', 0),
      wrong,
      { id: newId(), kind: 'undo', at: T0 + 101_000, of: wrong.id },
      press('pulled', 420),
      press('sliced', 700),
    ];
    const summed = happenedColumns(plan, events);
    expect(summed).toMatchObject({ actualSeconds: 420, slicedAt: T0 + 700_000 });
    const reading: CookEvent = { id: newId(), kind: 'reading', at: T0 + 5000, celsius: 20 };
    expect(happenedColumns(plan, [...events, reading])).toEqual(summed);
    expect(happenedColumns(plan, [press('pulled', 10)])).toEqual({
      actualSeconds: null,
      actualPull: null,
      slicedAt: null,
    });
  });
});

describe('the search', () => {
  let temporary: ReturnType<typeof temporaryBook>;
  beforeEach(() => {
    temporary = temporaryBook();
  });
  afterEach(() => temporary.remove());

  const WORDS = ['thyme', 'smoke', 'rim', 'late', '100%', "o'clock", '_under_'] as const;

  it('finds what looking through every cook by hand finds', () => {
    const store = cookStore(temporary.book);
    const kept = Array.from({ length: 40 }, (_, i) => {
      const id = newId();
      const title = `${WORDS[i % 7]} ${WORDS[(i * 3) % 7]} ${i}`;
      const notes = WORDS[(i * 5) % 7] ?? '';
      const crust = CRUST_SEEN[i % 5] ?? 'pale';
      store.start(id, planRecord(title), T0 + i * 1000);
      store.judge(id, { crust, notes }, T0);
      return { id, at: T0 + i * 1000, text: `${title}\n${notes}`.toLowerCase(), crust };
    });
    const search: fc.Arbitrary<CookSearch> = fc.record(
      {
        words: fc
          .array(fc.constantFrom(...WORDS), { minLength: 1, maxLength: 3 })
          .map((several) => several.join(' ').toUpperCase()),
        crust: fc.constantFrom(...CRUST_SEEN),
        from: fc.integer({ min: T0, max: T0 + 40_000 }),
        to: fc.integer({ min: T0, max: T0 + 40_000 }),
      },
      { requiredKeys: [] },
    );
    fc.assert(
      fc.property(search, (wanted) => {
        const byHand = kept
          .filter(
            ({ text, crust, at: when }) =>
              (wanted.words ?? '')
                .toLowerCase()
                .split(' ')
                .every((word) => text.includes(word)) &&
              (wanted.crust === undefined || crust === wanted.crust) &&
              when >= (wanted.from ?? 0) &&
              when <= (wanted.to ?? Infinity),
          )
          .map(({ id }) => id)
          .toReversed();
        const found = listCooks(temporary.book, wanted);
        expect(found.cooks.map(({ id }) => id)).toEqual(byHand);
        expect(found.found).toBe(byHand.length);
        expect(allLines(temporary.book, wanted).map(({ id }) => id)).toEqual(byHand);
      }),
      { numRuns: 60 },
    );
  });
});
