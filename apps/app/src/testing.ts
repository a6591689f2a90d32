import type { CookLine, PlanRecord } from '@crustan/core/formats';
import { keptPlan } from '@crustan/core/formats/keptPlan';
import type { CookPlan } from '@crustan/core/plan';

export { planOf, slicedPlanOf, STEAK as REQUEST } from './solver.bundle';

export const uuid = (n: number): string => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;

export const recordOf = (plan: CookPlan, plateAt = Date.UTC(2026, 0, 2, 19, 30)): PlanRecord => ({
  id: uuid(1),
  createdAt: plateAt - 3_600_000,
  title: 'Strip',
  plateAt,
  plan: keptPlan(plan),
});

/** A cook as one line of the logbook: the nth, a day older than the one before. */
export const lineOf = (n: number, more: Partial<CookLine> = {}): CookLine => ({
  id: uuid(n),
  createdAt: Date.UTC(2026, 0, 2, 19, 0) - n * 86_400_000,
  title: `Cook ${n}`,
  cut: 'strip-steak',
  way: 'once',
  thickness: 0.025,
  weight: 0.3,
  pan: 220,
  target: 54,
  cookSeconds: 500,
  finished: true,
  ...more,
});
