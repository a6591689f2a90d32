import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { planOf, STEAK } from '../tests';
import { actionsOf } from './actions';
import { mayWait, restByRule } from './restRule';
import { runOf } from './run';
import { sharedBy } from './shared';
import { placeSides, type Side } from './sides';

const plan = planOf({ ...STEAK, thickness: 0.04, weight: 0.45, way: 'oven-sear' });
const run = runOf(plan);
const shared = sharedBy(plan);
const side = (change: Partial<Side> = {}): Side => ({
  name: 'mash',
  handsOn: 300,
  handsOff: 900,
  needs: 'burner',
  keeps: 3600,
  ...change,
});

describe('side dishes', () => {
  it('are begun where hands are free, and done by the plate', () => {
    const busy = run.steps.filter(({ hands }) => hands === 'on');
    fc.assert(
      fc.property(
        fc.integer({ min: 30, max: 900 }),
        fc.integer({ min: 0, max: 3600 }),
        (on, off) => {
          const [placed] = placeSides(run, shared, [side({ handsOn: on, handsOff: off })]);
          // A side that does not fit reports it: the next property.
          fc.pre(placed !== undefined && placed.conflict === undefined);
          expect(placed.at + on + off).toBeLessThanOrEqual(run.panToPlate + 1e-6);
          for (const step of busy) {
            const apart =
              placed.at + on <= step.at + 1e-3 || placed.at >= step.at + step.seconds - 1e-3;
            expect(apart).toBe(true);
          }
        },
      ),
    );
  });

  it('two of them do not want the same hands at once', () => {
    const placed = placeSides(run, shared, [side(), side({ name: 'greens' })]);
    const [a, b] = placed;
    expect(Math.abs((a?.at ?? 0) - (b?.at ?? 0))).toBeGreaterThanOrEqual(300 - 1e-6);
    expect(placed.every(({ conflict }) => conflict === undefined)).toBe(true);
  });

  it('that cannot be placed say why', () => {
    const at = (change: Partial<Side>) => placeSides(run, shared, [side(change)])[0]?.conflict;
    expect(at({ handsOn: 60, handsOff: 0, keeps: 0 })).toMatchObject({ reason: 'hands' });
    expect(at({ needs: 'oven', oven: 200 })).toEqual({ reason: 'oven', set: 110, wanted: 200 });
    expect(at({ needs: 'oven', oven: 115 })).toBeUndefined();
    // The pan is the piece's until it rests; a sauce that is quick goes into the rest.
    expect(at({ needs: 'pan', handsOn: 120, handsOff: 60, keeps: 600 })).toBeUndefined();
    expect(at({ needs: 'pan', handsOn: 30, handsOff: 1200, keeps: 0 })?.reason).toBe('pan');
  });
});

describe('the run of an oven and a pan', () => {
  it('has oven and pan hot when each is wanted, the pan not before', () => {
    const at = (kind: string) => run.steps.find((step) => step.kind === kind)?.at ?? NaN;
    expect(at('oven-on')).toBeLessThan(-300);
    expect(at('preheat')).toBeGreaterThan(0);
    expect(at('preheat')).toBeLessThan(at('out'));
    expect(at('out')).toBeCloseTo(plan.pullAt, 6);
    expect(actionsOf(plan.legs, plan.restSeconds).map(({ kind }) => kind)).toEqual([
      'in',
      'out',
      'turn',
      'pull',
      'slice',
    ]);
  });

  it('tells tonight from the days before', () => {
    const salted = runOf(planOf({ ...STEAK, saltAhead: 172_800, temper: 1800 }));
    expect(salted.steps[0]).toMatchObject({ kind: 'salt', at: -172_800 });
    expect(salted.length).toBeGreaterThan(172_800);
    expect(salted.tonight).toBeLessThan(7200);
  });
});

describe('the rest', () => {
  it('is held against the house rule', () => {
    const computed = restByRule(plan, 'computed', 0);
    expect(computed.short).toBeLessThan(0.3);
    const none = restByRule(plan, 'none', 0);
    expect(none.seconds).toBe(0);
    expect(none.short).toBeGreaterThan(1);
    expect(restByRule(plan, 'half', 0).seconds).toBe(plan.cookSeconds / 2);
    expect(restByRule(plan, 'fixed', 86_400).core).toBeUndefined();
    expect(mayWait(plan)).toBeGreaterThan(0);
  });
});
