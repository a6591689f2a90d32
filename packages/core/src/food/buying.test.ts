import { expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { cutPrimal, portionsOf } from './buying';

const PRIMAL = { weight: 3, length: 0.3, pricePerKg: 24, trim: 0.12 };

it('cuts a whole piece without loss or double cost', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.01, max: 0.06, noNaN: true }),
      fc.double({ min: 0, max: 0.5, noNaN: true }),
      (thickness, trim) => {
        const cutting = cutPrimal({ ...PRIMAL, trim }, thickness);
        expect(cutting.count * cutting.each + cutting.trim).toBeCloseTo(PRIMAL.weight, 9);
        expect(cutting.count * cutting.priceEach).toBeCloseTo(72, 9);
        expect(cutting.count * thickness + cutting.left).toBeCloseTo(PRIMAL.length, 9);
        expect(cutting.pricePerKg).toBeGreaterThan(PRIMAL.pricePerKg - 1e-9);
      },
    ),
  );
});

it('gives ten of 30 mm from 30 cm, and none from less than one', () => {
  expect(cutPrimal(PRIMAL, 0.03)).toMatchObject({ count: 10, left: expect.closeTo(0, 9) });
  expect(cutPrimal(PRIMAL, 0.4)).toMatchObject({ count: 0, each: 0, priceEach: 0 });
});

it('counts plates after what the cook loses', () => {
  expect(portionsOf(1.1, 0.15, 0.18)).toBe(5);
  expect(portionsOf(0.2, 0.15, 0.18)).toBe(0);
});
