import { useEffect, useState } from 'react';
import type { ActualTimes, CookPlan, Slices } from '@crustan/core/plan';
import { plannerWorker } from '../../workers/planner';

/** A plan's figures and slices as its actual times would have given them. */
export interface Replayed {
  readonly plan: CookPlan;
  readonly slices: Slices;
}

/**
 * What the model makes of the times a cook really kept, computed in a worker.
 * Both arguments must keep their identity while they mean the same.
 */
export const useReplay = (
  planned: Pick<CookPlan, 'request' | 'legs'>,
  times: ActualTimes,
): Replayed | undefined => {
  const [found, setFound] = useState<{
    readonly of: ActualTimes;
    readonly replayed: Replayed | undefined;
  }>();
  useEffect(() => {
    let live = true;
    const { inAt, turnedAt, movedAt, pulledAt } = times;
    const { request, legs } = planned;
    plannerWorker('replay')
      .replay({ request, legs }, { inAt, turnedAt, movedAt, pulledAt })
      .then(
        (replayed) => live && setFound({ of: times, replayed }),
        // Without a replay the page shows the plan and the events alone.
        () => undefined,
      );
    return () => {
      live = false;
    };
  }, [planned, times]);
  return found?.of === times ? found.replayed : undefined;
};
