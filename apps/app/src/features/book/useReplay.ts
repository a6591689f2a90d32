import { useEffect, useState } from 'react';
import type { CookRecord } from '@crustan/core/formats';
import { FIRST_GEAR, panOnBurner } from '@crustan/core/learn/loggedCook';
import type { ReplayedCook } from '@crustan/core/cook/replay';
import { liveWorker } from '../../workers/liveWorker';

/**
 * Simulation of a cook with the times that were recorded, in a worker.
 * @param plannedIn planned start of the heat, ms since 1970
 */
export const useReplay = (cook: CookRecord, plannedIn: number): ReplayedCook | undefined => {
  const [found, setFound] = useState<{
    readonly of: CookRecord;
    readonly replayed: ReplayedCook | undefined;
  }>();
  useEffect(() => {
    let live = true;
    const { request, legs, pullAt, restSeconds, trace } = cook.plan.plan;
    const { gear = FIRST_GEAR } = cook.plan;
    const pan = panOnBurner(gear, gear.burner.share);
    liveWorker()
      .replay({ request, legs, pullAt, restSeconds, trace }, plannedIn, cook.events, pan)
      .then(
        (replayed) => live && setFound({ of: cook, replayed }),
        // Without a replay the page shows only the plan and the events.
        () => undefined,
      );
    return () => {
      live = false;
    };
  }, [cook, plannedIn]);
  return found?.of === cook ? found.replayed : undefined;
};
