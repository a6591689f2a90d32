import type { CardCell } from './card';
import { crustComplaint } from './crustComplaint';
import { planWay, type PlanWayOptions } from './planWay';
import type { CookPlan } from './planResult';
import type { PlanRequest } from './request';

const cellOf = (plan: CookPlan, spread: number): CardCell => ({
  ok: true,
  cookSeconds: plan.cookSeconds,
  spread,
  pullCore: plan.pullCore,
  restSeconds: plan.restSeconds,
  peakCore: plan.peakCore,
  complaint: crustComplaint(plan),
});

/** Plans one cell: on the section, with its spread. Yields between runs. */
export function* planCell(
  request: PlanRequest,
  options: Omit<PlanWayOptions, 'inFull'> = {},
): Generator<null, CardCell> {
  let plan: CookPlan | undefined;
  for (const update of planWay(request, options)) {
    if (update?.kind === 'plan') ({ plan } = update);
    else if (update?.kind === 'obstacle') return { ok: false, obstacle: update.obstacle };
    else if (update?.kind === 'spread' && plan) return cellOf(plan, update.spread.seconds);
    yield null;
  }
  throw new Error('a cell is planned or refused');
}
