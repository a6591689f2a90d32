import { useCallback, useMemo } from 'react';
import type { DueStep } from '@crustan/core/cook/cookState';
import { useCalls } from '../../calls/useCalls';
import { useShow } from '../../words/useShow';
import type { LiveCook } from './liveCook';
import { stoveCalls } from './stoveCalls';
import { describeAction } from './stoveWords';

/**
 * Calls the steps of every piece on the stove, whichever is looked at.
 * @param now ms since 1970, by the kitchen's clock
 * @returns words of a step; with the name of the piece if there are several
 */
export const useStoveCalls = (
  cooks: readonly LiveCook[],
  now: number,
): ((live: LiveCook, step: DueStep) => string) => {
  const show = useShow();
  const only = cooks.length === 1;
  const wordsOf = useCallback(
    ({ cook, plan }: LiveCook, step: DueStep): string => {
      const words = describeAction(step, plan, show);
      return only ? words : `${cook.plan.title}: ${words}`;
    },
    [only, show],
  );
  useCalls(
    useMemo(() => stoveCalls(cooks, wordsOf), [cooks, wordsOf]),
    now,
  );
  return wordsOf;
};
