import { describe, expect, it } from '@jest/globals';
import { CUTS } from '../../food';
import { NOT_DEEP, planOf, STEAK } from '../../tests';
import { planWay } from './planWay';
import type { CookPlan, Obstacle, Remedy } from '../legs/planResult';
import type { PlanRequest } from '../request/request';

const itDeep = NOT_DEEP ? it.skip : it;

const MINIMUM = 62.8;
const { thickness, weight } = CUTS['pork-chop'];
const CHOP: PlanRequest = { ...STEAK, cut: 'pork-chop', thickness, weight, target: 63 };

interface Said {
  readonly plan?: CookPlan;
  readonly obstacle?: Obstacle;
  readonly remedies?: readonly Remedy[];
}

const said = (request: PlanRequest): Said => {
  let last: Said = {};
  for (const update of planWay(request, { minimum: MINIMUM })) {
    if (update?.kind === 'plan') last = { plan: update.plan };
    if (update?.kind === 'obstacle') {
      last = { obstacle: update.obstacle, remedies: update.remedies ?? [] };
    }
  }
  return last;
};

describe('a kitchen that keeps to the published minimum', () => {
  itDeep.each([63, 55])(
    'plans a chop on its bone for %d only with a target at which all of it is at the minimum',
    (target) => {
      const alone = planOf(CHOP);
      expect(alone.coldestPeak).toBeLessThan(MINIMUM - 0.1);
      const { obstacle, remedies } = said({ ...CHOP, target });
      expect(obstacle).toMatchObject({ reason: 'locked', minimum: MINIMUM });
      const [remedy] = remedies ?? [];
      if (remedy?.kind !== 'target') throw new Error('no target is offered');
      expect(remedy.target).toBeGreaterThan(63);
      const { plan } = said({ ...CHOP, target: remedy.target });
      expect(plan?.coldestPeak).toBeGreaterThanOrEqual(MINIMUM - 0.1);
    },
  );
});
