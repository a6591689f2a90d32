import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { callBias, RIGHT_WITHIN } from './callBias';
import { drawnCard } from './drillCard';
import { firmnessAt } from '../doneness';

const seeds = fc.integer({ min: 0, max: 1e6 });

describe('cards of the drills', () => {
  it('feel as firm as the model says of their end, and the same seed draws the same', () => {
    fc.assert(
      fc.property(seeds, (seed) => {
        const card = drawnCard('touch', seed);
        if (card.kind !== 'touch') throw new Error(card.kind);
        expect(card.firmness).toBe(firmnessAt(card.was));
        expect(drawnCard('touch', seed)).toEqual(card);
      }),
    );
  });

  it('show a slice whose middle reached what it is to be called', () => {
    for (const seed of [1, 2, 3, 4, 5, 6]) {
      const card = drawnCard('slice', seed);
      if (card.kind !== 'slice') throw new Error(card.kind);
      const peaks = card.slices.frames.at(-1)?.peak ?? [];
      const middle = peaks[Math.floor(peaks.length / 2)] ?? NaN;
      expect(Math.abs(middle - card.was)).toBeLessThan(1.5);
      expect(Math.abs(card.was - card.request.target)).toBeLessThan(0.5);
    }
  });

  it('show of a pan what its heat shows, and a hotter one sounds louder', () => {
    const cards = Array.from({ length: 60 }, (_, seed) => drawnCard('pan', seed)).flatMap((card) =>
      card.kind === 'pan' ? [card] : [],
    );
    for (const { was, signs } of cards) {
      expect(signs.includes('drop-dances')).toBe(was >= 190);
      if (was < 119) expect(signs).toEqual([]);
    }
    const mean = (all: readonly { readonly loudness: number }[]): number =>
      all.reduce((sum, { loudness }) => sum + loudness, 0) / all.length;
    const [cool, hot] = [
      cards.filter(({ was }) => was < 150),
      cards.filter(({ was }) => was > 220),
    ];
    expect(mean(hot)).toBeGreaterThan(mean(cool) + 0.2);
  });
});

describe('how calls lie', () => {
  it('tells a lean from a scatter', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -8, max: 8, noNaN: true }),
        fc.array(fc.double({ min: 40, max: 70, noNaN: true }), { minLength: 2, maxLength: 30 }),
        (lean, truths) => {
          const calls = truths.map((was) => ({ was, called: was + lean }));
          const found = callBias('touch', calls);
          expect(found?.bias).toBeCloseTo(lean, 6);
          expect(found?.spread).toBeCloseTo(0, 6);
          expect(found?.right).toBe(Math.abs(lean) <= RIGHT_WITHIN.touch ? 1 : 0);
        },
      ),
    );
    expect(callBias('pan', [])).toBeUndefined();
    expect(callBias('pan', [{ called: 200, was: 190 }])).toMatchObject({ right: 1, bias: 10 });
  });
});
