import { useEffect, useMemo, useState } from 'react';
import type { InputChange, SaltSchool, TemperSchool, ThicknessRange } from '@crustan/core/plan';
import { requiredMinimum } from '@crustan/core/plan/minimumOf';
import type { PlanRequest } from '@crustan/core/plan/request';
import type { UnitSystem } from '@crustan/core/units';
import { panInUse } from '../store/kitchenSlice';
import { useAppSelector } from '../store/store';
import type { PlannedOn } from './plan.worker';
import { plannerWorker } from './planner';

/** Questions about a request that a worker answers, and what it answers with. */
interface Answers {
  readonly salt: readonly SaltSchool[];
  readonly temper: readonly TemperSchool[];
  readonly changes: readonly InputChange[];
  readonly thickness: ThicknessRange;
}
export type Question = keyof Answers;

const ask: {
  readonly [Q in Question]: (
    request: PlanRequest,
    on: PlannedOn,
    units: UnitSystem,
  ) => Promise<Answers[Q] | undefined>;
} = {
  salt: (request, on) => plannerWorker('salt').salt(request, on),
  temper: (request, on) => plannerWorker('temper').temper(request, on),
  changes: (request, on, units) => plannerWorker('changes').changes(request, on, units),
  thickness: (request, on) => plannerWorker('thickness').thickness(request, on),
};

/** Equipment and rules on which a request is planned in this kitchen; the same object until the kitchen changes. */
export const usePlannedOn = (request: PlanRequest): PlannedOn => {
  const kitchen = useAppSelector((state) => state.kitchen);
  const minimum = requiredMinimum(kitchen, request);
  return useMemo(() => ({ pan: panInUse(kitchen), minimum }), [kitchen, minimum]);
};

/** A request that still moves is not asked about yet, ms. */
const SETTLES = 250;

/**
 * Answer to a question about a request, computed in its own worker; the last answer stays until the next one
 * comes.
 */
export const useAsked = <Q extends Question>(
  question: Q,
  request: PlanRequest,
): Answers[Q] | undefined => {
  const [answer, setAnswer] = useState<Answers[Q]>();
  const on = usePlannedOn(request);
  const units = useAppSelector((state) => state.units.system);
  useEffect(() => {
    let live = true;
    const later = setTimeout(() => {
      ask[question](request, on, units).then(
        (found) => {
          if (live && found !== undefined) setAnswer(found);
        },
        // Without an answer the page shows the rest.
        () => undefined,
      );
    }, SETTLES);
    return () => {
      live = false;
      clearTimeout(later);
    };
  }, [question, request, on, units]);
  return answer;
};
