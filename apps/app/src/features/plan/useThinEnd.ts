import { useEffect, useState } from 'react';
import type { PlanRequest } from '@crustan/core/plan/request';
import { plannerWorker } from '../../workers/planner';
import { usePlannedOn } from '../../workers/useAsked';
import { t } from './t';

/**
 * Peak of a thin end that is cooked for the time of the thick end, C; undefined until it is computed.
 * @param thin m
 */
export const useThinEnd = (request: PlanRequest, thin: number | undefined): number | undefined => {
  const [found, setFound] = useState<{ readonly thin: number; readonly peak: number }>();
  const on = usePlannedOn(request);
  useEffect(() => {
    if (thin === undefined) return undefined;
    let live = true;
    plannerWorker(t('thin-end-2'))
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
