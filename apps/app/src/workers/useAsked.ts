import { useEffect, useState } from 'react';
import type { Knob, SaltSchool, TemperSchool, ThicknessRange } from '@crustan/core/plan';
import type { PlanRequest } from '@crustan/core/plan/request';
import { plannerWorker } from './planner';

/** Questions about a request that a worker answers, and what it answers with. */
interface Answers {
  readonly salt: readonly SaltSchool[];
  readonly temper: readonly TemperSchool[];
  readonly knobs: readonly Knob[];
  readonly thickness: ThicknessRange;
}
export type Question = keyof Answers;

const ask: {
  readonly [Q in Question]: (request: PlanRequest) => Promise<Answers[Q] | undefined>;
} = {
  salt: (request) => plannerWorker('salt').salt(request),
  temper: (request) => plannerWorker('temper').temper(request),
  knobs: (request) => plannerWorker('knobs').knobs(request),
  thickness: (request) => plannerWorker('thickness').thickness(request),
};

/** A request that still moves is not asked about yet, ms. */
const SETTLES = 250;

/**
 * The answer to a question about a request, computed in a worker of its own; the last answer stays
 * until the next one comes.
 */
export const useAsked = <Q extends Question>(
  question: Q,
  request: PlanRequest,
): Answers[Q] | undefined => {
  const [answer, setAnswer] = useState<Answers[Q]>();
  useEffect(() => {
    let live = true;
    const later = setTimeout(() => {
      ask[question](request).then(
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
  }, [question, request]);
  return answer;
};
