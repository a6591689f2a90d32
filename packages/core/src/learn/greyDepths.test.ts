import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { greyDepthsOf, movedLine, SLICE_LINES, type SliceLines } from './greyDepths';

const LINES: SliceLines = { upperFace: 0.2, pinkBegins: 0.3, pinkEnds: 0.6, lowerFace: 0.8 };

describe('lines on a photograph of a slice', () => {
  it('give the grey band under each face from the known thickness', () => {
    const depths = greyDepthsOf(LINES, 0.03);
    expect(depths?.upper).toBeCloseTo(0.005);
    expect(depths?.lower).toBeCloseTo(0.01);
  });

  it('give none where the faces lie on one another', () => {
    expect(greyDepthsOf({ ...LINES, upperFace: 0.79, pinkBegins: 0.79 }, 0.03)).toBeUndefined();
  });

  it('stay in their order wherever one is moved, and never show more grey than the piece is thick', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(fc.constantFrom(...SLICE_LINES), fc.double({ min: -1, max: 2, noNaN: true })),
        ),
        (moves) => {
          const lines = moves.reduce((now, [line, to]) => movedLine(now, line, to), LINES);
          const heights = SLICE_LINES.map((line) => lines[line]);
          expect(heights).toEqual(heights.toSorted((a, b) => a - b));
          expect(Math.min(...heights)).toBeGreaterThanOrEqual(0);
          expect(Math.max(...heights)).toBeLessThanOrEqual(1);
          const depths = greyDepthsOf(lines, 0.03);
          if (depths) expect(depths.upper + depths.lower).toBeLessThanOrEqual(0.03 + 1e-9);
        },
      ),
    );
  });
});
