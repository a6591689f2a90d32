import { DEFAULT_PAN } from '../../gear';
import type { CardCell } from './card';
import { checkGear } from './checkGear';
import { crustComplaint } from '../legs/crustComplaint';
import { isUnder } from './lowestTarget';
import type { PlanWayOptions } from './planWay';
import { recordRun } from './recordPlan';
import { refineWay } from './refineWay';
import type { PlanRequest } from '../request/request';
import { solveWay } from './solveWay';
import { MethodSimulator } from '../legs/methodSimulator';
import { spreadOfWay } from '../ranges/wayRanges';

/** A cell shows no slice: the first and the last frame are recorded. */
const FRAMES = 1;

/** Plans one cell: on the section, with its spread, and nothing that a cell does not show. Yields between runs. */
export function* planCell(
  request: PlanRequest,
  { pan = DEFAULT_PAN, minimum }: Omit<PlanWayOptions, 'inFull'> = {},
): Generator<null, CardCell> {
  if (minimum !== undefined && request.target < minimum) {
    return { ok: false, obstacle: { reason: 'locked', minimum } };
  }
  const hindered = checkGear(request, pan);
  if (hindered) return { ok: false, obstacle: hindered.obstacle };
  const flat = new MethodSimulator(request, { pan });
  const solved = yield* solveWay(flat);
  if (!solved.ok) return solved;
  const refined = yield* refineWay(request, solved, { guide: flat, pan, frames: FRAMES });
  if (!refined.ok) return refined;
  const { plan } = recordRun(refined.cook, refined.run);
  if (minimum !== undefined && isUnder(plan, minimum)) {
    return { ok: false, obstacle: { reason: 'locked', minimum, coldest: plan.coldestPeak } };
  }
  const spread = yield* spreadOfWay(flat, solved.run, pan);
  return {
    ok: true,
    cookSeconds: plan.cookSeconds,
    spread: spread.seconds,
    pullCore: plan.pullCore,
    restSeconds: plan.restSeconds,
    peakCore: plan.peakCore,
    complaint: crustComplaint(plan),
  };
}
