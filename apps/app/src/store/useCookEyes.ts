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
  const calls = latestCalls(data ?? [], 'slice');
  const { bias, spread } =
    (calls.length < LEAST_CALLS ? undefined : callBias('slice', calls)) ?? {};
  // The same figures give the same object: the calibration does not start again when the answers arrive.
  return useMemo(
    () => ({ scaleOf, slice: bias === undefined ? undefined : { bias, spread } }),
    [scaleOf, bias, spread],
  );
};
