import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { browningIndex, depthPast, evenness, greyBand } from './judge';
import { solverFor } from '../stages/solverFor';

const CELLS = Float64Array.from([1, 2, 3, 3, 2, 1], (mm) => mm / 1000);

it('counts the crust from the face inward and stops at the first wet cell', () => {
  const piece = solverFor({ tissue: 'lean-beef', thickness: 0.03, start: 5 });
  const { heights } = piece.section;
  piece.water[0] = 0;
  piece.water[1] = 50;
  piece.water[3] = 0;
  piece.water[piece.rows - 1] = 20;
  expect(piece.crust(0)).toBeCloseTo(heights[0] + heights[1], 12);
  expect(piece.crust(1)).toBeCloseTo(heights[0], 12);
});

it('sees the grey band on the mid-line, and evenness over the whole section', () => {
  const shape = { kind: 'long', width: 0.08 } as const;
  const piece = solverFor(
    { tissue: 'lean-beef', thickness: 0.03, start: 55, shape },
    { columns: 4 },
  );
  expect(evenness(piece, 55)).toBe(1);
  expect(greyBand(piece)).toBe(0);
  // The outer column gets hot: no grey on the mid-line, but a share of the section is uneven.
  piece.peak.fill(80, 3 * piece.rows);
  expect(greyBand(piece)).toBe(0);
  expect(evenness(piece, 55)).toBeCloseTo(1 - piece.section.widths[3] / 0.04, 9);
});

describe('depthPast', () => {
  it('is zero if no depth passed, and the whole piece if all did', () => {
    expect(depthPast(CELLS, new Float64Array(6).fill(50))).toBe(0);
    expect(depthPast(CELLS, new Float64Array(6).fill(80))).toBeCloseTo(0.012, 9);
  });

  it('cuts between cell centres by straight lines', () => {
    const peak = Float64Array.from([85, 45, 45, 45, 45, 45]);
    // Half the first cell, then half-way along the 1.5 mm to the next centre.
    expect(depthPast(CELLS, peak)).toBeCloseTo(0.0005 + 0.00075, 9);
  });

  it('never shrinks when anything gets hotter', () => {
    const field = fc.array(fc.double({ min: 0, max: 120, noNaN: true }), {
      minLength: 6,
      maxLength: 6,
    });
    fc.assert(
      fc.property(
        field,
        fc.nat(5),
        fc.double({ min: 0, max: 60, noNaN: true }),
        (peak, i, more) => {
          const hotter = peak.map((t, j) => (j === i ? t + more : t));
          const depth = (field: readonly number[]) => depthPast(CELLS, Float64Array.from(field));
          expect(depth(hotter)).toBeGreaterThanOrEqual(depth(peak) - 1e-12);
        },
      ),
    );
  });
});

it('reads the browning integral on the index of the brief', () => {
  expect(browningIndex(0)).toBe(0);
  expect(browningIndex(9)).toBeCloseTo(1, 12);
  expect(browningIndex(10 ** 3.3 - 1)).toBeCloseTo(3.3, 12);
});
