import { useMemo } from 'react';
import type { DrillError } from '@crustan/core/doneness/drillError';
import { callBias, type DrillKind } from '@crustan/core/simulation/callBias';
import { latestCalls } from './latestCalls';
import { usePractisedQuery } from './practiceApi';

/** Fewest answers of a drill that show how well a cook judges. */
const LEAST_CALLS = 5;

/** Error of the cook's answers in a drill; undefined without enough answers. Equal figures give the same object. */
export const useDrillError = (kind: DrillKind): DrillError | undefined => {
  const { data } = usePractisedQuery();
  const calls = latestCalls(data ?? [], kind);
  const { bias, spread } = (calls.length < LEAST_CALLS ? undefined : callBias(kind, calls)) ?? {};
  return useMemo(() => (bias === undefined ? undefined : { bias, spread }), [bias, spread]);
};
