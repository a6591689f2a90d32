import { describe, expect, it } from '@jest/globals';
import { DEFAULT_PAN, NOMINAL_KITCHEN } from '../gear';
import { cookEventSchema } from '../formats/cookEventSchema';
import type { CookPlan, PlanRequest } from '../plan';
import { planOf, STEAK } from '../tests';
import { WhatIf } from '../whatif/whatIf';
import { cookedLegs } from './cookedLegs';
import type { CookEvent, RemainingLeg } from './event';
import { progressOf } from './progress';

const T0 = Date.UTC(2026, 0, 2, 19);
const IN: CookEvent = { id: '7d6f2a4e-7b1f-4a6b-8f55-0f2b5a0c0001', kind: 'in', at: T0 };
const ID = '7d6f2a4e-7b1f-4a6b-8f55-0f2b5a0c0002';

const legsOfCook = (plan: CookPlan, events: readonly CookEvent[]) =>
  cookedLegs({ inAt: T0, turnedAt: [], progress: progressOf(plan, T0, events) }, plan.request);

/** The legs left at a moment, as a change of plan carries them that leaves the cook as planned. */
const unchangedTail = (plan: CookPlan, at: number): readonly RemainingLeg[] => {
  const cook = new WhatIf(
    { plan, plannedIn: T0, events: [IN], pan: DEFAULT_PAN, kitchen: NOMINAL_KITCHEN },
    at,
  );
  return cook.outcome(cook.rest).legs;
};
const changedAt = (at: number, legs: readonly RemainingLeg[]): CookEvent => ({
  ...{ id: ID, kind: 'changed', at, why: 'late', legs, restSeconds: 300 },
});
/** The tail as pages wrote it before a change carried its heat. */
const withoutHeat = (legs: readonly RemainingLeg[]): readonly RemainingLeg[] =>
  legs.map(({ heat: _heat, ...leg }) => leg);

const DUCK: PlanRequest = {
  ...STEAK,
  ...{ cut: 'duck-breast', thickness: 0.024, weight: 0.25, pan: 175, target: 58, way: 'cold-pan' },
  model: 'kitchen',
};
const ROLLED: PlanRequest = {
  ...STEAK,
  ...{ cut: 'whole-fillet', thickness: 0.07, weight: 1.2, pan: 220, target: 53, way: 'oven-sear' },
  model: 'kitchen',
};

describe('the heat of a cook whose plan was changed', () => {
  it.each([true, false])(
    'is still a cold pan for a duck started in one (heat sent: %s)',
    (sent) => {
      const plan = planOf(DUCK);
      const at = T0 + 240_000;
      const tail = unchangedTail(plan, at);
      const legs = legsOfCook(plan, [IN, changedAt(at, sent ? tail : withoutHeat(tail))]);
      expect(legs[0]?.heat).toEqual({ on: 'cold-pan', pan: 175 });
      expect(legs[1]?.heat).toEqual({ on: 'cold-pan', pan: 175 });
      expect(legs[2]?.heat).toMatchObject({ on: 'pan', pan: 175 });
    },
  );

  it.each([true, false])('is partly on the iron for a rolled piece (heat sent: %s)', (sent) => {
    const plan = planOf(ROLLED);
    const before = legsOfCook(plan, [IN]);
    const at = T0 + 600_000;
    const tail = unchangedTail(plan, at);
    const legs = legsOfCook(plan, [IN, changedAt(at, sent ? tail : withoutHeat(tail))]);
    const share = (all: typeof legs) =>
      all.flatMap(({ heat }) => (heat.on === 'pan' ? [heat.share] : []));
    expect(share(before)[0]).toBeLessThan(1);
    expect(share(legs)).toEqual(share(before));
    expect(legs.at(-1)?.gear).toEqual(before.at(-1)?.gear);
  });

  it('ends as planned after a change without effect', () => {
    const plan = planOf(DUCK);
    const at = T0 + 240_000;
    const end = (events: readonly CookEvent[]): number => {
      const cook = new WhatIf(
        { plan, plannedIn: T0, events, pan: DEFAULT_PAN, kitchen: NOMINAL_KITCHEN },
        at + 60_000,
      );
      return cook.outcome(cook.rest).peak;
    };
    const changed = changedAt(at, unchangedTail(plan, at));
    expect(Math.abs(end([IN, changed]) - end([IN]))).toBeLessThan(0.1);
  });

  it('reads legs back from a stored event', () => {
    const changed = changedAt(T0 + 240_000, unchangedTail(planOf(DUCK), T0 + 240_000));
    expect(cookEventSchema.parse(JSON.parse(JSON.stringify(changed)))).toEqual(changed);
  });
});
