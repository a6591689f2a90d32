import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { conductivityWithIce, enthalpyWithIce, freezingPoint, iceShare } from './freezing';
import { TISSUES, TISSUE_NAMES } from './tissues';

const MEAT = TISSUE_NAMES.filter((name) => name !== 'bone' && !name.endsWith('skin'));

describe('water that freezes', () => {
  it('begins where published points lie, within two thirds of a degree (ASHRAE, as recalled)', () => {
    expect(Math.abs(freezingPoint(TISSUES['lean-beef']) - -1.7)).toBeLessThan(0.65);
    expect(Math.abs(freezingPoint(TISSUES.lamb) - -1.9)).toBeLessThan(0.65);
    expect(Math.abs(freezingPoint(TISSUES['white-fish']) - -2.2)).toBeLessThan(0.65);
  });

  it('is three quarters ice at -10 C, more in the freezer, none above its point', () => {
    const beef = TISSUES['lean-beef'];
    expect(iceShare(beef, -10) / beef.water).toBeGreaterThan(0.65);
    expect(iceShare(beef, -10) / beef.water).toBeLessThan(0.8);
    expect(iceShare(beef, -18)).toBeGreaterThan(iceShare(beef, -10));
    expect(iceShare(beef, freezingPoint(beef))).toBe(0);
  });

  it('holds more heat the warmer it is, without a leap, and lets go some 230 kJ/kg on freezing', () => {
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
    const latent = enthalpyWithIce(beef, 0) - enthalpyWithIce(beef, -20);
    expect(latent).toBeGreaterThan(210_000);
    expect(latent).toBeLessThan(270_000);
  });

  it('conducts three times as well frozen', () => {
    const beef = TISSUES['lean-beef'];
    const ratio = conductivityWithIce(beef, -18) / conductivityWithIce(beef, 4);
    expect(ratio).toBeGreaterThan(2.5);
    expect(ratio).toBeLessThan(4);
  });
});
