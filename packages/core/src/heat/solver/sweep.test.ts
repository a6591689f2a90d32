import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { BOILING, LATENT_BOILING } from '../matter/constants';
import { StepArrays } from './stepArrays';
import { IMPLICIT } from './stepControl';
import { Sweep } from './sweep';

const N = 7;
const DT = 3;

/** A line of cells with random links, capacities and powers. */
const lineArb = fc.record({
  capacity: fc.array(fc.double({ min: 50, max: 5000, noNaN: true }), {
    minLength: N,
    maxLength: N,
  }),
  link: fc.array(fc.double({ min: 0.1, max: 400, noNaN: true }), { minLength: N, maxLength: N }),
  rhs: fc.array(fc.double({ min: -2000, max: 2000, noNaN: true }), { minLength: N, maxLength: N }),
  ends: fc.tuple(
    fc.double({ min: 0, max: 300, noNaN: true }),
    fc.double({ min: 0, max: 300, noNaN: true }),
  ),
});

const lineUp = (line: {
  readonly capacity: readonly number[];
  readonly link: readonly number[];
}) => {
  const arrays = new StepArrays(N, new Float64Array(N).fill(1));
  arrays.capacity.set(line.capacity);
  arrays.upward.set(line.link);
  arrays.upward[N - 1] = 0;
  const layout = { lines: 1, length: N, lineStride: N, stride: 1 };
  return { arrays, sweep: new Sweep(layout, arrays, arrays.upward, arrays.sink, arrays.swept) };
};

/** Residual of (C/dt - f A) x = rhs at a cell, W. */
const residual = (
  arrays: StepArrays,
  rhs: readonly number[],
  ends: readonly [number, number],
  i: number,
): number => {
  const x = arrays.swept;
  const outside = (i === 0 ? ends[0] : 0) + (i === N - 1 ? ends[1] : 0);
  let conducted = -outside * x[i];
  if (i > 0) conducted += arrays.upward[i - 1] * (x[i - 1] - x[i]);
  if (i + 1 < N) conducted += arrays.upward[i] * (x[i + 1] - x[i]);
  return (rhs[i] ?? 0) - (arrays.capacity[i] / DT) * x[i] + IMPLICIT * conducted;
};

describe('a sweep', () => {
  it('solves its line: nothing is left over in any cell', () => {
    fc.assert(
      fc.property(lineArb, (line) => {
        const { arrays, sweep } = lineUp(line);
        const cold = new Float64Array(N).fill(20);
        // Without water nothing boils.
        const [a, b] = line.ends.map((g) => Float64Array.of(g));
        sweep.run(cold, new Float64Array(N), Float64Array.from(line.rhs), a ?? null, b ?? null, DT);
        for (let i = 0; i < N; i += 1) {
          expect(Math.abs(residual(arrays, line.rhs, line.ends, i))).toBeLessThan(1e-6);
        }
      }),
    );
  });

  it('holds wet cells at the boil, and what is left over there is what boils away', () => {
    fc.assert(
      fc.property(lineArb, (line) => {
        const { arrays, sweep } = lineUp(line);
        const hot = new Float64Array(N).fill(99);
        const wet = new Float64Array(N).fill(700);
        const [a, b] = line.ends.map((g) => Float64Array.of(g));
        sweep.run(hot, wet, Float64Array.from(line.rhs), a ?? null, b ?? null, DT);
        for (let i = 0; i < N; i += 1) {
          expect(hot[i] + arrays.swept[i]).toBeLessThanOrEqual(BOILING + 1e-6);
          expect(arrays.boil[i]).toBeGreaterThanOrEqual(-1e-9);
          const left = residual(arrays, line.rhs, line.ends, i);
          expect(Math.abs(left - arrays.boil[i])).toBeLessThan(1e-6);
          if (arrays.held[i] === 0) expect(arrays.boil[i]).toBe(0);
        }
      }),
    );
  });

  it('boils away the last water of a cell within the step, and then lets it heat', () => {
    const wetArb = fc.array(fc.double({ min: 0, max: 1e-3, noNaN: true }), {
      minLength: N,
      maxLength: N,
    });
    fc.assert(
      fc.property(lineArb, wetArb, (line, wet) => {
        const { arrays, sweep } = lineUp(line);
        const hot = new Float64Array(N).fill(99);
        const [a, b] = line.ends.map((g) => Float64Array.of(g));
        const water = Float64Array.from(wet);
        sweep.run(hot, water, Float64Array.from(line.rhs), a ?? null, b ?? null, DT);
        for (let i = 0; i < N; i += 1) {
          const most = (water[i] * LATENT_BOILING) / DT;
          expect(arrays.boil[i]).toBeLessThanOrEqual(most + 1e-6);
          const left = residual(arrays, line.rhs, line.ends, i);
          expect(Math.abs(left - arrays.boil[i])).toBeLessThan(1e-6);
          // A cell above boiling has no water left.
          if (hot[i] + arrays.swept[i] > BOILING + 1e-6) {
            expect(most - arrays.boil[i]).toBeLessThan(1e-6);
          }
        }
      }),
    );
  });
});
