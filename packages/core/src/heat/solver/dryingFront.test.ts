import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { CRUST_WATER_SHARE } from '../matter/constants';
import { fillCoefficients } from './fillCoefficients';
import { baselineWith } from '../matter/heatModel';
import { runFor } from '../stages/runFor';
import { solverFor } from '../stages/solverFor';
import { StepArrays } from './stepArrays';
import { SEARCH_STEP_CONTROL } from './stepControl';
import { onARack, onThePan, resting } from '../places/surroundings';

const STEAK = { tissue: 'lean-beef', thickness: 0.03, start: 20 } as const;
const model = baselineWith('frontInCell');

/** Resistances of the outermost cell at a share of its first water, m K/W. */
const ofShare = (share: number): { readonly outward: number; readonly inward: number } => {
  const solver = solverFor(STEAK, { model });
  solver.water[0] = share * solver.full[0];
  const arrays = new StepArrays(solver.count, solver.volume);
  fillCoefficients(solver, arrays);
  return { outward: arrays.outward[0], inward: arrays.inward[0] };
};

describe('a drying front', () => {
  it('moves through a cell without a leap, and leaves wet meat behind it', () => {
    const dry = ofShare(0);
    const whole = dry.outward + dry.inward;
    fc.assert(
      fc.property(fc.double({ min: 0.001, max: 1, noNaN: true }), (share) => {
        const [here, drier] = [ofShare(share), ofShare(share - 0.001)];
        expect(Math.abs(here.outward - drier.outward)).toBeLessThan(0.01 * whole);
        expect(Math.abs(here.inward - drier.inward)).toBeLessThan(0.01 * whole);
        // Dried meat is in front of wet meat.
        expect(here.outward).toBeGreaterThanOrEqual(here.inward - 1e-12);
        expect(here.outward + here.inward).toBeLessThanOrEqual(whole + 1e-12);
      }),
    );
    expect(ofShare(CRUST_WATER_SHARE).inward).toBeCloseTo(0, 9);
  });

  it('leaves the same in what has dried, however long the steps', () => {
    for (const longest of [2, 30]) {
      const control = { ...SEARCH_STEP_CONTROL, longest };
      const solver = solverFor(STEAK, { control, model });
      runFor(solver, onARack(110, 20), 3600);
      const shares = Array.from(solver.water, (water, c) => water / solver.full[c]);
      const front = shares.findIndex((share) => share > CRUST_WATER_SHARE);
      expect(front).toBeGreaterThan(1);
      for (const share of shares.slice(0, front)) expect(share).toBeCloseTo(CRUST_WATER_SHARE, 4);
    }
  });

  it('moves where a cook ends smoothly with the thickness of the piece', () => {
    const endOf = (thickness: number): number => {
      const solver = solverFor({ ...STEAK, thickness }, { model });
      runFor(solver, onARack(110, 20), 1500);
      for (let side = 0; side < 2; side += 1) {
        runFor(solver, onThePan(220), 60);
        solver.flip();
      }
      runFor(solver, resting('open'), 300);
      return solver.core;
    };
    fc.assert(
      fc.property(fc.double({ min: 0.02, max: 0.045, noNaN: true }), (thickness) => {
        const [one, two, three] = [0, 1e-4, 2e-4].map((more) => endOf(thickness + more));
        expect(Math.abs(three - 2 * two + one)).toBeLessThan(0.05);
      }),
      { numRuns: 40 },
    );
  });
});
