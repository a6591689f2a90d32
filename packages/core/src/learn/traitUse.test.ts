import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { provedTraits, type LeftOutCook } from './traitUse';
import { TRAITS } from './traits';

const squares = (cooks: readonly LeftOutCook[], used: ReadonlySet<number>): number =>
  cooks.reduce(
    (sum, { nominalError: nominalError, adds }) =>
      sum + [...used].reduce((off, j) => off + (adds[j] ?? 0), nominalError) ** 2,
    0,
  );
const kelvin = fc.double({ min: -8, max: 8, noNaN: true });
const cooks = fc.array(
  fc.record({
    nominalError: kelvin,
    adds: fc.array(kelvin, { minLength: TRAITS.length, maxLength: TRAITS.length }),
  }),
  { maxLength: 16 },
);

describe('what has proved to predict cooks that were left out', () => {
  it('never predicts them worse, and takes nothing that is not allowed', () => {
    fc.assert(
      fc.property(cooks, fc.subarray(TRAITS.map((_, j) => j)), (all, allowed) => {
        const used = provedTraits(all, allowed);
        expect(squares(all, used)).toBeLessThanOrEqual(squares(all, new Set()));
        for (const j of used) expect(allowed).toContain(j);
      }),
    );
  });

  it('takes the trait that explains the errors, and not those that only scatter', () => {
    const all = [3, -2, 4, 2, -3].map((nominalError, i) => ({
      nominalError,
      adds: [-0.9 * nominalError, 0, i % 2 === 0 ? 0.5 : -0.5, 0, 0],
    }));
    expect([...provedTraits(all)]).toEqual([0]);
  });

  it('takes two that are only of use together', () => {
    const all = [1, 2, 3, 2].map((nominalError) => ({
      nominalError,
      adds: [-6 * nominalError, 5 * nominalError, 0, 0, 0],
    }));
    expect([...provedTraits(all)].toSorted()).toEqual([0, 1]);
  });

  it('takes none where no cook was judged', () => {
    expect(provedTraits([]).size).toBe(0);
  });
});
