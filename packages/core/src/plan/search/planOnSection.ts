import type { CookPlan, Obstacle } from '../legs/planResult';
import { planWay, type PlanWayOptions } from './planWay';
import type { PlanRequest } from '../request/request';

export type PlannedOnSection =
  | { readonly ok: true; readonly plan: CookPlan }
  | { readonly ok: false; readonly obstacle: Obstacle };

/** A request's plan as the section has it, which is what a cook goes by, or what stands in its way. */
export const planOnSection = (
  request: PlanRequest,
  options: Omit<PlanWayOptions, 'inFull'> = {},
): PlannedOnSection => {
  for (const update of planWay(request, { ...options, inFull: false })) {
    if (update?.kind === 'plan' && !update.quick) return { ok: true, plan: update.plan };
    if (update?.kind === 'obstacle') return { ok: false, obstacle: update.obstacle };
  }
  throw new Error('a request is planned or refused');
};
