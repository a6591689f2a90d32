import { useMemo } from 'react';
import type { CookEyes } from '@crustan/core/formats/loggedCookOf';
import { callBias } from '@crustan/core/simulation/callBias';
import { latestCalls } from './latestCalls';
import { usePractisedQuery } from './practiceApi';
import { useScales } from './useScales';

/** Fewest answers about slices that show how well a cook sees a doneness. */
const LEAST_CALLS = 5;

/** Doneness words of this kitchen, with the error of its cook's eye in drills. */
export const useCookEyes = (): CookEyes => {
  const { scaleOf } = useScales();
  const { data } = usePractisedQuery();
  return useMemo(() => {
    const calls = latestCalls(data ?? [], 'slice');
    return { scaleOf, slice: calls.length < LEAST_CALLS ? undefined : callBias('slice', calls) };
  }, [scaleOf, data]);
};
