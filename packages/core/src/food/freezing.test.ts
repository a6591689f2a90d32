import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { conductivityWithIce, enthalpyWithIce, freezingPoint, iceShare } from './freezing';
import { TISSUES, TISSUE_NAMES } from './tissues';

const MEAT = TISSUE_NAMES.filter((name) => name !== 'bone' && !name.endsWith('skin'));

describe('water that freezes', () => {
  it('begins where published points lie: lean beef at -1.1 C (Riedel, as recalled), none under -2.2', () => {
    expect(freezingPoint(TISSUES['lean-beef'])).toBeCloseTo(-1.1, 1);
    for (const name of MEAT) {
      expect(freezingPoint(TISSUES[name])).toBeLessThan(-0.8);
      expect(freezingPoint(TISSUES[name])).toBeGreaterThan(-2.2);
    }
  });

  it.each([
    [-5, 0.74],
    [-10, 0.82],
    [-20, 0.87],
  ])('at %d C is ice to a share of %d in lean beef (Riedel, as recalled)', (celsius, share) => {
    const beef = TISSUES['lean-beef'];
    expect(Math.abs(iceShare(beef, celsius) / beef.water - share)).toBeLessThan(0.03);
    expect(iceShare(beef, freezingPoint(beef))).toBe(0);
  });

  it('holds more heat the warmer it is, without a leap, and takes about 250 kJ/kg from -18 to 0 C', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...MEAT),
        fc.double({ min: -40, max: 30, noNaN: true }),
        (name, celsius) => {
          const of = TISSUES[name];
          const [at, above] = [enthalpyWithIce(of, celsius), enthalpyWithIce(of, celsius + 0.001)];
          expect(above).toBeGreaterThan(at);
          expect(above - at).toBeLessThan(500);
        },
      ),
    );
    const beef = TISSUES['lean-beef'];
    const latent = enthalpyWithIce(beef, 0) - enthalpyWithIce(beef, -18);
    expect(Math.abs(latent / 250_000 - 1)).toBeLessThan(0.06);
  });

  it('conducts three times as well frozen', () => {
    const beef = TISSUES['lean-beef'];
    const ratio = conductivityWithIce(beef, -18) / conductivityWithIce(beef, 4);
    expect(ratio).toBeGreaterThan(2.5);
    expect(ratio).toBeLessThan(4);
  });
});
