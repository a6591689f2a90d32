import { useEffect, useState } from 'react';
import type { PlanRequest } from '@crustan/core/plan/request';
import { plannerWorker } from '../../workers/planner';

/**
 * Where a thin end peaks when it is cooked on the thick end's clock, C; undefined until known.
 * @param thin m
 */
export const useThinEnd = (request: PlanRequest, thin: number | undefined): number | undefined => {
  const [found, setFound] = useState<{ readonly thin: number; readonly peak: number }>();
  useEffect(() => {
    if (thin === undefined) return undefined;
    let live = true;
    plannerWorker('thin end')
      .thinEnd(request, thin)
      .then(
        (peak) => {
          if (live && peak !== undefined) setFound({ thin, peak });
        },
        () => undefined,
      );
    return () => {
      live = false;
    };
  }, [request, thin]);
  return found?.thin === thin ? found?.peak : undefined;
};
