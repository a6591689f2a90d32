import { expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import {
  readFigure,
  formatDuration,
  showDuration,
  showEighths,
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
  expect(showQuantity('thickness', 0.0254, 'imperial')).toBe('1 in');
  expect(showQuantity('weight', 0.34, 'metric')).toBe('340 g');
  expect(showDuration(-61)).toBe('-1:01');
  expect(showDuration(3661)).toBe('1:01:01');
  expect(formatDuration(90)).toBe('1 min 30 s');
  expect(formatDuration(45)).toBe('45 s');
});

it('writes inches as a ruler does, and reads what it wrote', () => {
  expect([1.25, 0.375, 2, 0.98, 0.02, -1.5].map(showEighths)).toEqual([
    '1 1/4',
    '3/8',
    '2',
    '1',
    '0',
    '-1 1/2',
  ]);
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 80 }), (eighths) => {
      expect(readFigure(showEighths(eighths / 8))).toBe(eighths / 8);
    }),
  );
});

it('reads a figure however it is typed, and nothing else as one', () => {
  expect(['1,5', ' 1 1/4 ', '1¼', '½', '5/8', '-4', '12.'].map(readFigure)).toEqual([
    1.5, 1.25, 1.25, 0.5, 0.625, -4, 12,
  ]);
  for (const none of ['', 'thick', '1/0', '1 2', '1/2/3', '1.2.3', '0x10', '1e3']) {
    expect(readFigure(none)).toBeNaN();
  }
});
