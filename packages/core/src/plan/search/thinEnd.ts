import type { PanOnBurner } from '../../gear';
import type { PlanRequest } from '../request/request';
import { solveWay } from './solveWay';
import { MethodSimulator } from '../legs/methodSimulator';

/**
 * A piece that is thick at one end as two zones: where the thin one peaks, C, when it is cooked on
 * the thick one's clock. Undefined when the thick end cannot be planned.
 * @param thin m
 */
export function* thinEnd(
  request: PlanRequest,
  pan: PanOnBurner,
  thin: number,
): Generator<null, number | undefined> {
  const solved = yield* solveWay(new MethodSimulator(request, { pan }));
  if (!solved.ok) return undefined;
  const share = thin / request.thickness;
  const zone: PlanRequest = { ...request, thickness: thin, weight: request.weight * share };
  const cook = new MethodSimulator(zone, { pan });
  cook.reset();
  return cook.endOf(solved.run.legs).reached;
}
