import { keptPlan } from '@crustan/core/formats/keptPlan';
import type { PlanRecord } from '@crustan/core/formats/messages';
import type { Way } from '@crustan/core/plan/way';
import { gearUsed } from '../../store/kitchenSlice';
import { newId } from '../../store/newId';
import { useAppStore } from '../../store/store';
import { planTitle } from '../../words/cutWords';
import { useShow } from '../../words/useShow';
import { laneOf } from '../../workers/planLane';

/**
 * Record of a method's plan. A press refers to the current sentence: it waits for that plan if it is still being
 * computed.
 * @param plateAt ms since 1970
 */
export const usePlanRecord = (
  way: Way,
  plateAt: number,
): (() => Promise<PlanRecord | undefined>) => {
  const show = useShow();
  const store = useAppStore();
  return async () => {
    const { plan, window, spread } = await laneOf(way).settled();
    if (!plan) return undefined;
    return {
      id: newId(),
      createdAt: Date.now(),
      title: planTitle(plan.request, show),
      plateAt,
      plan: keptPlan(plan),
      ...(window ? { window } : {}),
      ...(spread ? { spread: { ...spread, inputs: [...spread.inputs] } } : {}),
      gear: gearUsed(store.getState().kitchen),
    };
  };
};
