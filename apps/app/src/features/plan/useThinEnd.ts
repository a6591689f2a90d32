import { useEffect, useState } from 'react';
import type { PlanRequest } from '@crustan/core/plan/request';
import { plannerWorker } from '../../workers/planner';
import { usePlannedOn } from '../../workers/useAsked';

/**
 * Where a thin end peaks when it is cooked on the thick end's clock, C; undefined until known.
 * @param thin m
 */
export const useThinEnd = (request: PlanRequest, thin: number | undefined): number | undefined => {
  const [found, setFound] = useState<{ readonly thin: number; readonly peak: number }>();
  const on = usePlannedOn(request);
  useEffect(() => {
    if (thin === undefined) return undefined;
    let live = true;
    plannerWorker('thin end')
      .thinEnd(request, on, thin)
      .then(
        (peak) => {
          if (live && peak !== undefined) setFound({ thin, peak });
        },
        () => undefined,
      );
    return () => {
      live = false;
    };
  }, [request, on, thin]);
  return found?.thin === thin ? found?.peak : undefined;
};
