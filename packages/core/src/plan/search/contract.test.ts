import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { CUTS } from '../../food';
import { DEFAULT_PAN } from '../../gear';
import {
  allowedBend,
  NOT_DEEP,
  endAsTold,
  planCase,
  planCases,
  PROMISE,
  someOf,
  STEAK,
  runsOf,
  withinLongest,
} from '../../tests';
import { SEARCH_COLUMNS } from '../../heat';
import { planWay } from './planWay';
import { ovenAirChange } from '../request/ovenAir';
import { promisedCore } from '../legs/carving';
import type { PlanUpdate, Remedy } from '../legs/planResult';
import type { PlanRequest } from '../request/request';
import { MethodSimulator } from '../legs/methodSimulator';

const TUNA: PlanRequest = {
  ...STEAK,
  cut: 'tuna-steak',
  thickness: 0.02,
  weight: 0.16,
  target: 46,
  pan: 200,
  way: 'oven-sear',
};

const finalOf = (request: PlanRequest): PlanUpdate | undefined => {
  let last: PlanUpdate | undefined;
  for (const update of planWay(request)) {
    if (update?.kind === 'plan' || update?.kind === 'obstacle') last = update;
  }
  return last;
};

/** The request as a remedy makes it. */
const remedied = (request: PlanRequest, remedy: Remedy): PlanRequest => {
  switch (remedy.kind) {
    case 'oven':
      return { ...request, ...ovenAirChange(request, remedy.air) };
    default: {
      const { kind: _kind, ...change } = remedy;
      return { ...request, ...change };
    }
  }
};

describe('what a plan promises', () => {
  it('a plan that is called feasible ends within half a degree, told as it is, on its section', () => {
    let feasible = 0;
    const numRuns = runsOf(14, 4);
    fc.assert(
      fc.property(planCases, (at) => {
        const found = planCase(at);
        if (!found.feasible) {
          // A refusal has a reason that a request can cause.
          expect(found.obstacle.reason).toMatch(/over|burns|never|cool-oven|crowded|tower|burner/);
          return;
        }
        feasible += 1;
        const { plan } = found;
        expect(Math.abs(promisedCore(plan) - at.request.target)).toBeLessThanOrEqual(PROMISE);
        expect(Math.abs(endAsTold(plan, at.pan) - at.request.target)).toBeLessThanOrEqual(PROMISE);
        expect(withinLongest(plan)).toBe(true);
      }),
      { numRuns },
    );
    expect(feasible).toBeGreaterThan(numRuns / 4);
  });

  it('thin tuna from a low oven is over before the oven is needed: refused, with what would work', () => {
    const found = finalOf(TUNA);
    if (found?.kind !== 'obstacle') throw new Error('called feasible');
    expect(found.obstacle).toMatchObject({ reason: 'over' });
    expect(found.remedies?.length).toBeGreaterThan(0);
    for (const remedy of found.remedies ?? []) {
      const again = planCase({ request: remedied(TUNA, remedy), pan: DEFAULT_PAN });
      expect(again.feasible).toBe(true);
    }
  });

  it.each(someOf([0.018, 0.016, 0.02, 0.022, 0.025], 5))(
    'low ovens keep their promise on pieces of %s m, or say why not',
    (thickness) => {
      for (const cut of ['strip-steak', 'pork-loin', 'salmon-fillet', 'lamb-loin'] as const) {
        for (const lowOven of [100, 130]) {
          const { target, weight, thickness: usual } = CUTS[cut];
          const request: PlanRequest = {
            ...STEAK,
            cut,
            thickness,
            weight: (weight * thickness) / usual,
            target,
            lowOven,
            way: 'oven-sear',
          };
          const found = planCase({ request, pan: DEFAULT_PAN });
          if (!found.feasible) expect(found.obstacle.reason).toBe('over');
          else expect(Math.abs(endAsTold(found.plan) - target)).toBeLessThanOrEqual(PROMISE);
        }
      }
    },
  );

  it('an oven hardly warmer than the end is refused, not kept on for a day', () => {
    const slow: PlanRequest = {
      ...STEAK,
      cut: 'rib-bone-in',
      thickness: 0.06,
      weight: 1.1,
      target: 68,
      way: 'oven-sear',
      lowOven: 80,
    };
    const found = planCase({ request: slow, pan: DEFAULT_PAN });
    if (found.feasible) expect(withinLongest(found.plan)).toBe(true);
    else expect(found.obstacle.reason).toBe('cool-oven');
  });

  it('the total bends by seconds when the thickness moves by 0.2 mm or the pan by a degree', () => {
    const bases: readonly Partial<PlanRequest>[] = [
      { way: 'often' },
      { way: 'often', baste: 60 },
      { way: 'once', thickness: 0.028, weight: 0.34 },
      { way: 'sear-oven', thickness: 0.036, weight: 0.42 },
      { way: 'oven-sear', thickness: 0.036, weight: 0.42 },
    ];
    for (const base of someOf(bases, 3)) {
      for (const [key, by] of [
        ['thickness', 0.0002],
        ['pan', 1],
      ] as const) {
        const plans = Array.from({ length: 6 }, (_, i) => {
          const request = { ...STEAK, ...base };
          const found = planCase({
            request: { ...request, [key]: request[key] + i * by },
            pan: DEFAULT_PAN,
          });
          if (!found.feasible) throw new Error(found.obstacle.reason);
          return found;
        });
        const totals = plans.map(({ plan }) => plan.cookSeconds);
        for (let i = 1; i + 1 < totals.length; i += 1) {
          const [before = 0, here = 0, after = 0] = totals.slice(i - 1, i + 2);
          expect(Math.abs(after - 2 * here + before)).toBeLessThan(
            allowedBend(here, plans[i]?.window),
          );
          if (key === 'thickness') expect(after - before).toBeGreaterThan(-3);
        }
      }
    }
  });

  it('also where the end hardly depends on the time: the later of two times, on the average about it', () => {
    // Thin and slow: the longer the oven dries the face, the shorter the sear.
    const slow: PlanRequest = {
      ...STEAK,
      cut: 'lamb-loin',
      thickness: 0.0477,
      weight: 0.3,
      target: 50,
      lowOven: 87.4,
      way: 'oven-sear',
      surface: 'aired',
      hold: { in: 'warm-oven', seconds: 3600 },
    };
    const plans = Array.from({ length: 3 }, (_, i) => {
      const request = { ...slow, thickness: slow.thickness + i * 0.0002 };
      const found = planCase({ request, pan: DEFAULT_PAN });
      if (!found.feasible) throw new Error(found.obstacle.reason);
      expect(Math.abs(found.plan.peakCore - slow.target)).toBeLessThanOrEqual(PROMISE);
      return found;
    });
    const [before = 0, here = 0, after = 0] = plans.map(({ plan }) => plan.cookSeconds);
    expect(Math.abs(after - 2 * here + before)).toBeLessThan(allowedBend(here, plans[1]?.window));
  });

  (NOT_DEEP ? it.skip : it)(
    'remedies are for the pan at hand, and each of them works on it',
    () => {
      let tried = 0;
      fc.assert(
        fc.property(planCases, (at) => {
          let remedies: readonly Remedy[] = [];
          for (const update of planWay(at.request, { pan: at.pan })) {
            // Plans have their own property; only what is refused is followed to its remedies.
            if (update?.kind === 'plan') return;
            if (update?.kind === 'obstacle') {
              remedies = update.remedies ?? [];
            }
          }
          for (const remedy of remedies) {
            tried += 1;
            const again = planCase({ request: remedied(at.request, remedy), pan: at.pan });
            expect([remedy, again.feasible]).toEqual([remedy, true]);
          }
        }),
        { numRuns: 14 },
      );
      expect(tried).toBeGreaterThan(0);
    },
  );

  it('moves smoothly with its unknown, near the end of a face’s boiling too', () => {
    const request: PlanRequest = {
      ...STEAK,
      cut: 'duck-breast-skinned',
      thickness: 0.0232,
      weight: 0.19,
      target: 61,
      way: 'oven-sear',
      crust: 2.3,
      lowOven: 116,
      pan: 196.5,
      panAfter: 166.5,
    };
    const cook = new MethodSimulator(request, { columns: SEARCH_COLUMNS });
    const ends = Array.from({ length: 13 }, (_, i) => cook.run(540 + i).end.peak);
    const steps = ends.slice(1).map((end, i) => end - (ends[i] ?? NaN));
    for (const step of steps) {
      expect(step).toBeGreaterThan(-0.05);
      expect(step).toBeLessThan(0.1);
    }
  });
});
