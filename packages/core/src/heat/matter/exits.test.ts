import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { exitsOf } from './exits';
import { matterOf } from './matter';
import { sectionOf, type Shape } from './section';

const half = fc.double({ min: 0.02, max: 0.1, noNaN: true });
const shapes: fc.Arbitrary<Shape> = fc.oneof(
  fc.constant<Shape>({ kind: 'slab' }),
  half.map((width): Shape => ({ kind: 'long', width: 2 * width })),
  half.map((radius): Shape => ({ kind: 'round', radius })),
);

describe('exits of juice', () => {
  it('lie on a line with each cell, at most half the thickness away', () => {
    fc.assert(
      fc.property(shapes, fc.double({ min: 0.01, max: 0.12, noNaN: true }), (shape, thickness) => {
        const section = sectionOf(shape, thickness, [], { columns: 8 });
        const { depth, of, places } = exitsOf(section, matterOf(section, 'lean-beef'));
        const rows = section.heights.length;
        const wrong = [...depth].filter((distance, c) => {
          const { outer } = places[of[c] ?? -1] ?? { outer: NaN };
          const onLine =
            outer % rows === c % rows || Math.floor(outer / rows) === Math.floor(c / rows);
          return !onLine || distance <= 0 || distance > thickness / 2 + 1e-12;
        });
        expect(wrong).toEqual([]);
      }),
      { numRuns: 40 },
    );
  });
});
