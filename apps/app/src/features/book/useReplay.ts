import { useEffect, useState } from 'react';
import type { CookRecord } from '@crustan/core/formats';
import type { Replayed } from '@crustan/core/live/replay';
import { liveWorker } from '../../workers/liveWorker';

/**
 * What the model makes of the times a cook really kept, computed in a worker.
 * @param plannedIn when its plan had it meet the heat, ms since 1970
 */
export const useReplay = (cook: CookRecord, plannedIn: number): Replayed | undefined => {
  const [found, setFound] = useState<{
    readonly of: CookRecord;
    readonly replayed: Replayed | undefined;
  }>();
  useEffect(() => {
    let live = true;
    const { request, legs, pullAt, restSeconds, trace } = cook.plan.plan;
    liveWorker()
      .replay({ request, legs, pullAt, restSeconds, trace }, plannedIn, cook.events)
      .then(
        (replayed) => live && setFound({ of: cook, replayed }),
        // Without a replay the page shows the plan and the events alone.
        () => undefined,
      );
    return () => {
      live = false;
    };
  }, [cook, plannedIn]);
  return found?.of === cook ? found.replayed : undefined;
};
