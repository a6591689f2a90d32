import { expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import {
  sayDuration,
  showDuration,
  showQuantity,
  UNITS,
  type QuantityKind,
  type UnitSystem,
} from '.';

it('converts once each way and comes back', () => {
  fc.assert(
    fc.property(
      fc.constantFrom<UnitSystem>('metric', 'imperial'),
      fc.constantFrom<QuantityKind>('temperature', 'temperatureDifference', 'thickness', 'weight'),
      fc.double({ min: -50, max: 500, noNaN: true }),
      (system, kind, si) => {
        const unit = UNITS[system][kind];
        expect(unit.toSi(unit.fromSi(si))).toBeCloseTo(si, 9);
      },
    ),
  );
});

it('shows what a cook reads', () => {
  expect(showQuantity('temperature', 54, 'imperial')).toBe('129 °F');
  expect(showQuantity('temperatureDifference', 1.5, 'imperial')).toBe('2.7 °F');
  expect(showQuantity('thickness', 0.0254, 'imperial')).toBe('1.00 in');
  expect(showQuantity('weight', 0.34, 'metric')).toBe('340 g');
  expect(showDuration(-61)).toBe('-1:01');
  expect(showDuration(3661)).toBe('1:01:01');
  expect(sayDuration(90)).toBe('1 min 30 s');
  expect(sayDuration(45)).toBe('45 s');
});
