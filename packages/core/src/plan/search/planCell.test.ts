import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { runToEnd } from '../../maths/runToEnd';
import { planCases, runsOf, someOf } from '../../tests';
import { planCell } from './planCell';
import { planWay } from './planWay';
import type { CookPlan, Obstacle, PlanSpread } from '../legs/planResult';

describe('planCell', () => {
  // Few: each is planned twice.
  it('agrees with the plan of the same request', () => {
    const cases = someOf(fc.sample(planCases, { seed: 30, numRuns: 6 }), 2);
    const feasible = cases.filter(({ request, pan }) => {
      const cell = runToEnd(planCell(request, { pan }));
      let plan: CookPlan | undefined;
      let spread: PlanSpread | undefined;
      let obstacle: Obstacle | undefined;
      for (const update of planWay(request, { pan })) {
        if (update?.kind === 'plan') ({ plan } = update);
        else if (update?.kind === 'obstacle') ({ obstacle } = update);
        else if (update?.kind === 'spread') ({ spread } = update);
        if (spread ?? obstacle) break;
      }
      if (!cell.ok) {
        expect(cell.obstacle).toEqual(obstacle);
        return false;
      }
      expect(cell.cookSeconds).toBe(plan?.cookSeconds);
      expect(cell.pullCore).toBe(plan?.pullCore);
      expect(cell.spread).toBe(spread?.seconds);
      return true;
    });
    expect(feasible.length).toBeGreaterThanOrEqual(runsOf(3, 3));
  });

  it('refuses a target under the minimum', () => {
    const [{ request, pan }] = fc.sample(planCases, { seed: 1, numRuns: 1 });
    const minimum = request.target + 1;
    expect(runToEnd(planCell(request, { pan, minimum }))).toEqual({
      ok: false,
      obstacle: { reason: 'locked', minimum },
    });
  });
});
