import { expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { CELL_GROWTH, columnGrid, FIRST_CELL, gradedGrid, layeredGrid } from './grid';

it('fills any thickness, fine at both faces, mirror-symmetric, growing gently', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.003, max: 0.12, noNaN: true }),
      fc.constantFrom(1, 2, 4),
      (thickness, refinement) => {
        const cells = gradedGrid(thickness, refinement);
        const sum = cells.reduce((total, size) => total + size, 0);
        expect(sum).toBeCloseTo(thickness, 9);
        expect(cells.length % 2).toBe(0);
        expect(cells[0]).toBeLessThanOrEqual((FIRST_CELL / refinement) * 1.001);
        for (let i = 0; i < cells.length; i += 1) {
          const size = cells[i] ?? 0;
          expect(size).toBeGreaterThan(0);
          expect(cells[cells.length - 1 - i]).toBe(size);
          const next = cells[i + 1];
          if (next !== undefined) expect(next / size).toBeLessThanOrEqual(CELL_GROWTH * 1.001);
        }
      },
    ),
  );
});

it('lays the same cells under the faces of a thicker piece', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.008, max: 0.028, noNaN: true }),
      fc.double({ min: 0, max: 0.008, noNaN: true }),
      (thickness, more) => {
        const [thin, thick] = [gradedGrid(thickness), gradedGrid(thickness + more)];
        let depth = 0;
        for (const [i, size] of thin.entries()) {
          depth += size;
          if (depth > 0.16 * thickness) break;
          expect(thick[i]).toBeCloseTo(size, 12);
        }
        expect(depth).toBeGreaterThan(0.00128);
      },
    ),
  );
});

it('has about twice the cells when refined', () => {
  const [one, two] = [gradedGrid(0.03).length, gradedGrid(0.03, 2).length];
  expect(two / one).toBeGreaterThan(1.7);
  expect(two / one).toBeLessThan(2.3);
});

it('puts a cell boundary on the inner side of every layer', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.01, max: 0.08, noNaN: true }),
      fc.array(fc.double({ min: 0.02, max: 0.4, noNaN: true }), { minLength: 1, maxLength: 3 }),
      (thickness, shares) => {
        const layers = shares.map((share) => share * thickness);
        const cells = layeredGrid(thickness, layers);
        expect(cells.reduce((total, size) => total + size, 0)).toBeCloseTo(thickness, 9);
        for (const size of cells) expect(size).toBeGreaterThan(0);
        let boundary = 0;
        for (const layer of layers) {
          boundary += layer;
          if (boundary >= thickness) break;
          let depth = 0;
          let nearest = Infinity;
          for (const size of cells) {
            depth += size;
            nearest = Math.min(nearest, Math.abs(depth - boundary));
          }
          expect(nearest).toBeLessThan(1e-9);
        }
      },
    ),
  );
});

it.each([4, 8, 24])('columns are finest at the edge: %i of them', (count) => {
  const columns = columnGrid(0.06, count, false);
  expect(columns).toHaveLength(count);
  expect(columns.reduce((total, size) => total + size, 0)).toBeCloseTo(0.06, 9);
  expect(columns.at(-1)).toBeLessThanOrEqual(columns[0] ?? NaN);
  const both = columnGrid(0.06, count, true);
  expect([...both].reverse()).toEqual([...both]);
});
