import { expect, it } from '@jest/globals';
import { DEFAULT_PAN, hottestPan, preheat } from '../gear';
import type { PlanRequest } from '../plan';
import { planOf as plan, STEAK } from '../tests';
import { heatStartFor, runOf } from './run';

const request: PlanRequest = { ...STEAK, pan: 220 };
const planOf = (change: Partial<PlanRequest> = {}) => plan({ ...request, ...change });

it('counts every step back from the plate without a gap', () => {
  const made = planOf();
  const run = runOf(made);
  expect(run.steps.map(({ kind }) => kind)).toEqual([
    'ready',
    'preheat',
    'in',
    'turn',
    'pull',
    'slice',
    'plate',
  ]);
  run.steps.forEach((step, i) => {
    const next = run.steps[i + 1];
    if (next) expect(step.at + step.seconds).toBeCloseTo(next.at, 6);
  });
  const plateAt = Date.UTC(2026, 0, 2, 19, 30);
  const inAt = heatStartFor(run, plateAt);
  expect(inAt + (run.steps.at(-1)?.at ?? NaN) * 1000).toBeCloseTo(plateAt, 0);
  expect(run.panToPlate).toBeGreaterThan(made.cookSeconds + made.restSeconds);
});

it('names turning often as one stretch', () => {
  expect(runOf(planOf({ way: 'often' })).steps.map(({ kind }) => kind)).toContain('turns');
});

it('a heavier pan and a weaker burner take longer to come up; too weak never does', () => {
  const time = (change: Partial<typeof DEFAULT_PAN>): number => {
    const warming = preheat({ ...DEFAULT_PAN, ...change }, 220);
    return warming.reached ? warming.seconds : Infinity;
  };
  const usual = time({});
  expect(usual).toBeGreaterThan(120);
  expect(usual).toBeLessThan(900);
  expect(time({ mass: 3.6 })).toBeCloseTo(usual * 1.5, 0);
  expect(time({ power: 2000 })).toBeGreaterThan(usual);
  expect(time({ burner: 'induction' })).toBeLessThan(usual);
  expect(time({ power: 500 })).toBe(Infinity);
  expect(preheat({ ...DEFAULT_PAN }, hottestPan(DEFAULT_PAN) - 2).reached).toBe(true);
});
