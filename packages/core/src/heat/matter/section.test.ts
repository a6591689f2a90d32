import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { edgeLayout, faceLayout } from '../solver/layouts';
import { matterOf } from './matter';
import { midline } from './midline';
import { faceArea, sectionOf, thicknessOf, type Section, type Shape } from './section';
import { solverFor } from '../stages/solverFor';

const THICKNESS = 0.04;
const SHAPES: readonly (readonly [string, Shape, number, number])[] = [
  // name, shape, area of a face, area of the edge: in each section's own measure.
  ['slab', { kind: 'slab' }, 1, 0],
  ['long', { kind: 'long', width: 0.08 }, 0.04, THICKNESS],
  ['long, whole', { kind: 'long', width: 0.08, whole: true }, 0.08, 2 * THICKNESS],
  ['round', { kind: 'round', radius: 0.05 }, 0.05 ** 2 / 2, 0.05 * THICKNESS],
];

const sum = (values: Float64Array): number => values.reduce((total, value) => total + value, 0);

describe('a section', () => {
  it.each(SHAPES)(
    '%s: has the area and the edge of its shape, whatever the columns',
    (_n, shape, face, edge) => {
      for (const columns of [3, 8, 24]) {
        const section = sectionOf(shape, THICKNESS, [], { columns });
        expect(thicknessOf(section)).toBeCloseTo(THICKNESS, 12);
        expect(faceArea(section)).toBeCloseTo(face, 12);
        if (shape.kind === 'slab') continue;
        const sides = section.openLeft ? (['left', 'right'] as const) : (['right'] as const);
        const around = sides.reduce(
          (total, side) => total + sum(edgeLayout(section, side).area),
          0,
        );
        expect(around).toBeCloseTo(edge, 12);
      }
    },
  );

  it('counts every outer cell of a face once, walking inward through its column', () => {
    const section = sectionOf({ kind: 'round', radius: 0.05 }, THICKNESS, [], { columns: 5 });
    const matter = matterOf(section, 'lean-beef');
    for (const side of [0, 1] as const) {
      const { outer, inward, depth, sizes } = faceLayout(section, matter, side, section.heights);
      expect(new Set(outer).size).toBe(5);
      expect(sum(sizes)).toBeCloseTo(THICKNESS, 12);
      const last = outer[0] + inward * (depth - 1);
      expect(Math.floor(last / depth)).toBe(0);
    }
  });

  it('weighs what the cook’s scale says: density by volume, layers and bone included', () => {
    const piece = solverFor({ tissue: 'lean-beef', thickness: THICKNESS, start: 5 });
    expect(piece.mass() / THICKNESS).toBeGreaterThan(1030);
    expect(piece.mass() / THICKNESS).toBeLessThan(1090);
    const fat = solverFor({
      tissue: 'lean-beef',
      thickness: THICKNESS,
      start: 5,
      layers: [{ tissue: 'duck-skin', thickness: 0.01 }],
    });
    expect(fat.mass()).toBeLessThan(piece.mass());
    const shape = { kind: 'long', width: 0.08, whole: true } as const;
    const plain = solverFor({ tissue: 'pork', thickness: THICKNESS, start: 5, shape });
    const boned = solverFor({
      tissue: 'pork',
      thickness: THICKNESS,
      start: 5,
      shape,
      bone: { width: 0.01 },
    });
    expect(boned.mass()).toBeGreaterThan(plain.mass());
  });

  it('adds a film to its mass, and dries from outside in', () => {
    const bare = { tissue: 'lean-beef', thickness: THICKNESS, start: 5 } as const;
    const [dry, plain, wet] = [-0.2, 0, 0.2].map((film) => solverFor({ ...bare, film }));
    expect((wet?.mass() ?? NaN) - (plain?.mass() ?? NaN)).toBeCloseTo(0.4, 9);
    expect((plain?.mass() ?? NaN) - (dry?.mass() ?? NaN)).toBeCloseTo(0.4, 9);
    expect(dry?.water[0]).toBe(0);
    expect(dry?.water[10]).toBe(plain?.water[10]);
  });
});

/** A field over a section, from its value at a depth and a distance from the mid-line. */
const centreOf = (section: Section, value: (z: number, x: number) => number): number => {
  const { cells, weights } = midline(section);
  const { heights, widths, openLeft } = section;
  const rows = heights.length;
  const at = (sizes: Float64Array, k: number): number => sum(sizes.slice(0, k)) + sizes[k] / 2;
  const half = openLeft ? sum(widths) / 2 : 0;
  return cells.reduce(
    (total, cell, k) =>
      total +
      weights[k] * value(at(heights, cell % rows), at(widths, Math.floor(cell / rows)) - half),
    0,
  );
};

describe('the mid-line', () => {
  it.each(SHAPES)('%s: reads any cubic in depth exactly at mid-thickness', (_name, shape) => {
    const coefficient = fc.double({ min: -50, max: 50, noNaN: true });
    fc.assert(
      fc.property(coefficient, coefficient, coefficient, coefficient, (a, b, c, d) => {
        const section = sectionOf(shape, THICKNESS, [0.006], { columns: 6 });
        const cubic = (z: number): number => {
          const s = z / THICKNESS;
          return a + s * (b + s * (c + s * d));
        };
        expect(centreOf(section, cubic)).toBeCloseTo(cubic(THICKNESS / 2), 6);
      }),
    );
  });
});
