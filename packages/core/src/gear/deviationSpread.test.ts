import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import {
  COOK_SPREAD,
  deviationAt,
  KITCHEN_SPREAD,
  perSpread,
  spreadsFrom,
  TOTAL_SPREAD,
} from './deviationSpread';
import { NOMINAL_KITCHEN, type DeviationKey } from './kitchenDeviation';

const KEYS = [
  'oven',
  'burner',
  'pan',
  'contact',
  'thickness',
  'start',
] as const satisfies readonly DeviationKey[];

describe('spreads of kitchens', () => {
  it('convert to deviations and back, with the slope between', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...KEYS),
        fc.double({ min: -2.5, max: 2.5, noNaN: true }),
        fc.double({ min: 0.001, max: 15, noNaN: true }),
        (key, spreads, spread) => {
          const deviation = deviationAt(key, spreads, spread);
          expect(spreadsFrom(key, deviation, spread)).toBeCloseTo(spreads, 6);
          const step = 1e-5;
          const slope = (deviationAt(key, spreads + step, spread) - deviation) / step;
          expect(slope / perSpread(key, deviation, spread)).toBeCloseTo(1, 3);
          expect(deviationAt(key, 0, spread)).toBe(NOMINAL_KITCHEN[key]);
        },
      ),
    );
  });

  it('of one cook combine the variance between kitchens and between cooks', () => {
    for (const key of ['oven', 'contact', 'thickness'] as const) {
      const together = KITCHEN_SPREAD[key] ** 2 + COOK_SPREAD[key] ** 2;
      expect(TOTAL_SPREAD[key] ** 2).toBeCloseTo(together, 9);
    }
  });
});
