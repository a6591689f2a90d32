import { memo } from 'react';
import { keptPlan, type PlanRecord } from '@crustan/core/formats';
import type { Way } from '@crustan/core/plan/way';
import { gearUsed } from '../../store/kitchenSlice';
import { newId } from '../../store/newId';
import { useAppStore } from '../../store/store';
import { planTitle } from '../../words/cutWords';
import { useShow } from '../../words/useShow';
import { laneOf } from '../../workers/planLane';
import { PlanActions } from './PlanActions';

interface Props {
  readonly way: Way;
  /** ms since 1970. */
  readonly plateAt: number;
}

const WHAT = { start: 'Start at the stove', keep: 'Keep this plan' } as const;

/** A press means what the sentence says now: it waits for that plan, should it still be computed. */
export const Actions = memo(function Actions({ way, plateAt }: Props) {
  const show = useShow();
  const store = useAppStore();
  const record = async (): Promise<PlanRecord | undefined> => {
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
  return <PlanActions record={record} what={WHAT} />;
});
