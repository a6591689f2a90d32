import { keptPlan } from '@crustan/core/formats/keptPlan';
import type { PlanRecord } from '@crustan/core/formats/messages';
import type { Kitchen } from '@crustan/core/formats/kitchen';
import type { CookPlan, Obstacle } from '@crustan/core/plan';
import type { PlanRequest } from '@crustan/core/plan/request';
import { gearUsed } from '../store/kitchenSlice';
import { newId } from '../store/newId';
import { planTitle } from '../words/cutWords';
import type { Show } from '../words/show';
import { planJobs } from './planner';
import type { PlannedOn } from './plan.worker';

/** A request planned, or what stands in its way. */
export type Planned =
  | { readonly ok: true; readonly plan: CookPlan; readonly record: PlanRecord }
  | { readonly ok: false; readonly request: PlanRequest; readonly obstacle: Obstacle };

interface Where {
  readonly on: PlannedOn;
  /** ms since 1970. */
  readonly plateAt: number;
  readonly kitchen: Kitchen;
  readonly show: Show;
}

/** Plans requests one after another in a worker of their own, as records of the logbook. */
export const planRecordsOf = async (
  requests: readonly PlanRequest[],
  { on, plateAt, kitchen, show }: Where,
): Promise<readonly Planned[]> => {
  const found: (Planned | undefined)[] = requests.map(() => undefined);
  await planJobs(
    'records',
    requests.map((request) => ({ request, inFull: true })),
    on,
    requests.map((request, i) => ({
      onUpdate: (update) => {
        const before = found[i];
        if (update.kind === 'obstacle') {
          found[i] = { ok: false, request, obstacle: update.obstacle };
        } else if (update.kind === 'plan') {
          const record: PlanRecord = {
            id: newId(),
            createdAt: Date.now(),
            title: planTitle(request, show),
            plateAt,
            plan: keptPlan(update.plan),
            gear: gearUsed(kitchen),
            // A second plan is the same one, finer: results for the first remain valid.
            ...(before?.ok ? { window: before.record.window, spread: before.record.spread } : {}),
          };
          found[i] = { ok: true, plan: update.plan, record };
        } else if (before?.ok && update.kind === 'window') {
          found[i] = { ...before, record: { ...before.record, window: update.window } };
        } else if (before?.ok && update.kind === 'spread') {
          const spread = { ...update.spread, inputs: [...update.spread.inputs] };
          found[i] = { ...before, record: { ...before.record, spread } };
        }
      },
      finished: () => undefined,
    })),
  );
  return found.filter((one) => one !== undefined);
};
