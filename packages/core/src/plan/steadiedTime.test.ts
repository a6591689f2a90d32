import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { steadiedTime } from './steadiedTime';

const SLOPE = 0.012;
const GOAL = 54;
const MET = 1200;

/** Runs about the time that meets the goal, each with a wavering of its end, K. */
const runsArb = fc.array(
  fc.record({
    x: fc.double({ min: MET - 30, max: MET + 30, noNaN: true }),
    wavers: fc.double({ min: -0.1, max: 0.1, noNaN: true }),
  }),
  { minLength: 1, maxLength: 8 },
);

describe('the time that the runs of a search lead to', () => {
  it('is where a straight end meets the target, however the runs lie', () => {
    fc.assert(
      fc.property(runsArb, (runs) => {
        const tried = runs.map(({ x }) => ({ x, y: GOAL + SLOPE * (x - MET) }));
        expect(steadiedTime(tried, GOAL, SLOPE)).toBeCloseTo(MET, 6);
      }),
    );
  });

  it('wavers no more than its runs do, and leaves out those that ended far away', () => {
    fc.assert(
      fc.property(runsArb, (runs) => {
        const tried = runs.map(({ x, wavers }) => ({ x, y: GOAL + SLOPE * (x - MET) + wavers }));
        const far = { x: 300, y: GOAL - 4 };
        const off = steadiedTime([far, ...tried], GOAL, SLOPE) - MET;
        const most = Math.max(...runs.map(({ wavers }) => Math.abs(wavers)));
        expect(Math.abs(off)).toBeLessThanOrEqual(most / SLOPE + 1e-6);
      }),
    );
  });
});
