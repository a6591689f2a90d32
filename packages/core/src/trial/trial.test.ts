import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { seededRandom } from '../maths/random';
import { planRequestSchema } from '../formats/planRequestSchema';
import { STEAK } from '../tests';
import { agreeByGuessing, blindOrder } from './blindOrder';
import { differenceOf, pairsToSee } from './difference';
import { TRIAL_KINDS } from './trial';
import { sameVariant, variantsOf } from './variantsOf';

describe('a trial', () => {
  it.each(TRIAL_KINDS)('of %s differs in that alone, and each of it can be planned', (kind) => {
    const variants = variantsOf(kind, STEAK);
    expect(variants.length).toBeGreaterThanOrEqual(2);
    variants.forEach((variant, i) => {
      expect(planRequestSchema.safeParse(variant).success).toBe(true);
      const changed = Object.keys(variant).filter(
        (key) => JSON.stringify({ ...variant }[key]) !== JSON.stringify({ ...STEAK }[key]),
      );
      expect(changed.length).toBeLessThanOrEqual(1);
      expect(variants.findIndex((other) => sameVariant(kind, variant, other))).toBe(i);
    });
  });

  it('offers no way that a piece does not have', () => {
    const duck = { ...STEAK, cut: 'duck-breast', way: 'cold-pan' } as const;
    expect(variantsOf('way', duck).map(({ way }) => way)).not.toContain('often');
    expect(variantsOf('turns', duck)).toHaveLength(1);
  });
});

describe('a blind tasting', () => {
  it('draws every plate once, and every order about as often', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 6 }), fc.integer(), (pieces, seed) => {
        const order = blindOrder(pieces, seededRandom(seed));
        expect([...order].toSorted()).toEqual(Array.from({ length: pieces }, (_, i) => i));
      }),
    );
    const random = seededRandom(5);
    const seen = new Map<string, number>();
    for (let i = 0; i < 3000; i += 1) {
      const order = blindOrder(3, random).join();
      seen.set(order, (seen.get(order) ?? 0) + 1);
    }
    expect(seen.size).toBe(6);
    for (const count of seen.values()) expect(Math.abs(count - 500)).toBeLessThan(110);
  });

  it('knows what agreeing is worth: one of one nothing, five of five of two plates a little', () => {
    expect(agreeByGuessing(1, 1, 2)).toBe(1);
    expect(agreeByGuessing(2, 1, 2)).toBe(1);
    expect(agreeByGuessing(5, 5, 2)).toBeCloseTo(2 / 32, 9);
    expect(agreeByGuessing(4, 3, 2)).toBeCloseTo(10 / 16, 9);
    expect(agreeByGuessing(3, 3, 3)).toBeCloseTo(3 / 27, 9);
    expect(agreeByGuessing(8, 8, 2)).toBeLessThan(0.01);
  });
});

describe('what a difference can show', () => {
  it('one within what like pieces differ by is nothing', () => {
    expect(differenceOf({ a: 54, b: 55.5, scatter: 1 }).beyond).toBe(false);
    expect(differenceOf({ a: 54, b: 57.5, scatter: 1 })).toMatchObject({ beyond: true, by: 3.5 });
  });

  it('takes more pairs to see less, and says when nobody cooks so many', () => {
    expect(pairsToSee(0, 1)).toBeUndefined();
    expect(pairsToSee(0.05, 1)).toBeUndefined();
    expect(pairsToSee(10, 1)).toBe(1);
    const one = pairsToSee(1, 1) ?? 0;
    const half = pairsToSee(0.5, 1) ?? 0;
    // 2 x (1.96 + 0.84)^2 pairs for a difference of one scatter.
    expect(one).toBe(16);
    expect(Math.abs(half - 4 * one)).toBeLessThan(5);
  });
});
