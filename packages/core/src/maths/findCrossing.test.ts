import { expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { findCrossing } from './findCrossing';

const solve = (f: (x: number) => number, goal: number, low: number, high: number) => {
  const search = findCrossing(f, goal, { x: low, y: f(low) }, { x: high, y: f(high) }, 1e-6);
  let evaluations = 0;
  for (;;) {
    const step = search.next();
    if (step.done) return { ...step.value, evaluations };
    evaluations += 1;
  }
};

it('meets the goal of any rising curve, in few evaluations', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.3, max: 4, noNaN: true }),
      fc.double({ min: 0.05, max: 0.95, noNaN: true }),
      (bend, share) => {
        const f = (x: number): number => 5 + 60 * (x / 1000) ** bend;
        const goal = 5 + 60 * share;
        const found = solve(f, goal, 0, 1000);
        expect(Math.abs(found.y - goal)).toBeLessThan(0.06);
        expect(found.y).toBe(f(found.x));
        expect(found.evaluations).toBeLessThan(41);
      },
    ),
  );
});

it('gives back an end that is already there', () => {
  expect(solve((x) => x, 10, 0, 10)).toMatchObject({ x: 10, evaluations: 0 });
});
