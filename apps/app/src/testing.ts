import type { PlanRecord } from '@crustan/core/formats';
import { keptPlan } from '@crustan/core/formats';
import type { CookPlan } from '@crustan/core/plan';

export { planOf, slicedPlanOf, STEAK as REQUEST } from '@crustan/core/tests';

export const uuid = (n: number): string => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;

export const recordOf = (plan: CookPlan, plateAt = Date.UTC(2026, 0, 2, 19, 30)): PlanRecord => ({
  id: uuid(1),
  createdAt: plateAt - 3_600_000,
  title: 'Strip',
  plateAt,
  plan: keptPlan(plan),
});
