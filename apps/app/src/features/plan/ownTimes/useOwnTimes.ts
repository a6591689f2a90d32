import { useEffect, useState } from 'react';
import type { JudgedTimes } from '@crustan/core/plan';
import type { SaidStep } from '@crustan/core/plan/saidStep';
import type { PlanRequest } from '@crustan/core/plan/request';
import { plannerWorker } from '../../../workers/planner';
import { usePlannedOn } from '../../../workers/useAsked';

/** A line that is still being typed is not judged yet, ms. */
const SETTLES = 400;

/** Result of a cook's own steps for a piece; undefined until it is computed. */
export const useOwnTimes = (
  request: PlanRequest,
  steps: readonly SaidStep[],
): JudgedTimes | undefined => {
  const [found, setFound] = useState<{
    readonly request: PlanRequest;
    readonly steps: readonly SaidStep[];
    readonly judged: JudgedTimes;
  }>();
  const on = usePlannedOn(request);
  useEffect(() => {
    if (steps.length === 0) return undefined;
    let live = true;
    const later = setTimeout(() => {
      plannerWorker('times')
        .times(request, on, steps)
        .then(
          (judged) => {
            if (live && judged !== undefined) setFound({ request, steps, judged });
          },
          // Without an answer the page shows the rest.
          () => undefined,
        );
    }, SETTLES);
    return () => {
      live = false;
      clearTimeout(later);
    };
  }, [request, on, steps]);
  return found?.steps === steps && found.request === request ? found.judged : undefined;
};
