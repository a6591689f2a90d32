import { errorKindOf, MODEL_ERROR } from '../plan/ranges/modelError';
import type { PlanRequest } from '../plan/request/request';

/** Part of the model's error that the process of `discrepancy` does not follow, as a share of its size. */
const SHARE = 0.03;
/** Share of the time to the pull within which readings have it in common. */
const LENGTH = 0.05;

/**
 * Standard deviation of the brief part of the model's error for each reading of a probe, K. Readings close to each other
 * are not independent: together they tell as much as one of them would.
 * @param shares of the time to the pull, ascending
 */
export const briefErrors = (request: PlanRequest, shares: readonly number[]): readonly number[] => {
  const size = SHARE * MODEL_ERROR[errorKindOf(request)].along * (request.target - request.start);
  let [first, beyond] = [0, 0];
  return shares.map((share) => {
    while (shares[first] < share - LENGTH / 2) first += 1;
    while (beyond < shares.length && shares[beyond] <= share + LENGTH / 2) beyond += 1;
    return size * Math.sqrt(beyond - first);
  });
};
