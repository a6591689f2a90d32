import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { STEAK } from '../../tests';
import { recordRun, spacingFor } from '../search/recordPlan';
import type { PlanRequest } from '../request/request';
import { MethodSimulator } from './methodSimulator';

const WAYS: readonly Partial<PlanRequest>[] = [
  { way: 'once' },
  { way: 'often', every: 30 },
  { way: 'often', every: 45, baste: 60 },
  { way: 'sear-oven' },
  { way: 'sear-oven', ovenTurn: true },
  { way: 'sear-oven', ovenOn: 'pan' },
  { way: 'oven-sear' },
  { way: 'once', panAfter: 170, model: 'baseline' },
];

/** On the moments that are shared, just beside them, and anywhere. */
const valueArb = fc.oneof(
  fc.integer({ min: 0, max: 12 }).map((n) => 60 * n),
  fc.integer({ min: 1, max: 12 }).map((n) => 60 * n - 0.01),
  fc.double({ min: 0, max: 900, noNaN: true }),
);

describe('the leg of the unknown', () => {
  it.each(WAYS)('%j: a value gives the same, whatever was tried before it', (change) => {
    const request: PlanRequest = { ...STEAK, ...change };
    const used = new MethodSimulator(request);
    fc.assert(
      fc.property(valueArb, (value) => {
        const fresh = new MethodSimulator(request);
        const run = fresh.run(value);
        expect(used.run(value)).toEqual(run);
        expect(used.endWith(run, value + 40)).toEqual(fresh.endWith(run, value + 40));
      }),
      { numRuns: 12 },
    );
  });

  it.each(WAYS)('%j: its legs, cooked by themselves, end as the run did', (change) => {
    const cook = new MethodSimulator({ ...STEAK, ...change });
    for (const value of [59, 60, 61, 480]) {
      const run = cook.run(value);
      cook.reset();
      // Within what the solver's steps leave open.
      expect(Math.abs(cook.endOf(run.legs).reached - run.end.reached)).toBeLessThan(0.15);
    }
  });

  it('a recorded run is the same plan, whatever was tried before it', () => {
    const request: PlanRequest = { ...STEAK, way: 'often' };
    const recording = spacingFor(request, new MethodSimulator(request).run(300));
    const recorded = (values: readonly number[]) => {
      const cook = new MethodSimulator(request, { columns: 4, recording });
      return values.map((value) => recordRun(cook, cook.run(value))).at(-1);
    };
    const plan = recorded([290]);
    expect(recorded([500, 100, 290])).toEqual(plan);
    const { time } = plan?.plan.trace ?? { time: [] };
    expect(time).toEqual(time.toSorted((a, b) => a - b));
    expect(time[0]).toBe(0);
    expect(time.length).toBeGreaterThan(100);
    expect(plan?.plan.turns).toHaveLength(9);
    expect(plan?.slices.frames.length).toBeGreaterThan(30);
  });
});
