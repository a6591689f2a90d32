import type { PlanRequest } from './request';
import { solveWay } from './solveWay';
import { WayCook } from './wayCook';

/**
 * A piece that is thick at one end as two zones: where the thin one peaks, C, when it is cooked on
 * the thick one's clock. Undefined when the thick end cannot be planned.
 * @param thin m
 */
export function* thinEnd(request: PlanRequest, thin: number): Generator<null, number | undefined> {
  const thick = new WayCook(request);
  const solved = yield* solveWay(thick);
  if (!solved.ok) return undefined;
  const share = thin / request.thickness;
  const zone: PlanRequest = { ...request, thickness: thin, weight: request.weight * share };
  return new WayCook(zone, {}, thick.settledLegs()).endAfter(solved.value).peak;
}
