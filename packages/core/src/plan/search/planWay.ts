import { DEFAULT_PAN, type PanOnBurner } from '../../gear';
import { DISPLAY_COLUMNS } from '../../heat';
import { checkGear } from './checkGear';
import { crustComplaint } from '../legs/crustComplaint';
import { isUnder, lowestTarget } from './lowestTarget';
import type { Obstacle, PlanUpdate, Remedy } from '../legs/planResult';
import { recordLegs, recordRun } from './recordPlan';
import { refineWay } from './refineWay';
import { remediesFor } from './remedies';
import type { PlanRequest } from '../request/request';
import { solveWay } from './solveWay';
import { withThaw } from '../legs/thawOf';
import { spreadOfWay, windowOfWay } from '../ranges/wayRanges';
import { MethodSimulator } from '../legs/methodSimulator';

export interface PlanWayOptions {
  readonly pan?: PanOnBurner;
  /** The published minimum a kitchen keeps its plans to, C. */
  readonly minimum?: number | undefined;
  /** Also the range, the slice finely enough to be drawn large, and remedies. */
  readonly inFull?: boolean;
}

/**
 * Plans one piece by one method. Yields updates as they become known: first the plan in one dimension, then on the
 * section, then refinements; null at points where a stale computation can be dropped.
 */
export function* planWay(
  request: PlanRequest,
  { pan = DEFAULT_PAN, minimum, inFull = true }: PlanWayOptions = {},
): Generator<PlanUpdate | null, void> {
  if (minimum !== undefined && request.target < minimum) {
    yield* refuse(request, { reason: 'locked', minimum }, { pan, minimum, inFull });
    return;
  }
  const beforehand = checkGear(request, pan);
  if (beforehand) {
    yield { kind: 'obstacle', ...beforehand };
    return;
  }
  const flat = new MethodSimulator(request, { pan });
  const solved = yield* solveWay(flat);
  if (!solved.ok) {
    yield* refuse(request, solved.obstacle, { pan, minimum, inFull });
    return;
  }
  const quick = solved.run;
  // A way among others shows its slice as served; the chosen one is scrubbed.
  const frames = inFull ? undefined : 1;
  yield { kind: 'plan', quick: true, ...recordLegs(flat, quick.legs, { end: quick.end, frames }) };
  const refined = yield* refineWay(request, solved, { guide: flat, pan, frames });
  if (!refined.ok) {
    yield* refuse(request, refined.obstacle, { pan, minimum, inFull });
    return;
  }
  const found = recordRun(refined.cook, refined.run);
  if (minimum !== undefined && isUnder(found.plan, minimum)) {
    const coldest = found.plan.coldestPeak;
    yield* refuse(request, { reason: 'locked', minimum, coldest }, { pan, minimum, inFull });
    return;
  }
  yield { kind: 'plan', plan: withThaw(found.plan), slices: found.slices };
  // Ranges are differences: one dimension gives them.
  yield { kind: 'window', window: yield* windowOfWay(flat, quick) };
  if (!inFull) return;
  yield { kind: 'spread', spread: yield* spreadOfWay(flat, quick, pan) };
  const complaint = crustComplaint(found.plan);
  if (complaint) {
    yield { kind: 'remedies', remedies: yield* remediesFor(request, complaint, { pan, minimum }) };
  }
  yield null;
  const fine = yield* refineWay(request, refined, { guide: flat, pan, columns: DISPLAY_COLUMNS });
  if (!fine.ok) return;
  const { plan, slices } = recordRun(fine.cook, fine.run);
  yield { kind: 'plan', plan: withThaw(plan), slices };
}

/** Yields the obstacle of a request, then its remedies. */
function* refuse(
  request: PlanRequest,
  obstacle: Obstacle,
  { pan, minimum, inFull }: Required<Pick<PlanWayOptions, 'pan' | 'inFull'>> & PlanWayOptions,
): Generator<PlanUpdate | null, void> {
  const warm: readonly Remedy[] =
    obstacle.reason === 'warm' ? [{ kind: 'target', target: Math.ceil(request.start + 5) }] : [];
  yield { kind: 'obstacle', obstacle, remedies: warm };
  if (obstacle.reason === 'warm' || !inFull) return;
  if (obstacle.reason === 'locked') {
    const target = yield* lowestTarget(request, obstacle.minimum, pan);
    const remedies: readonly Remedy[] = target === undefined ? [] : [{ kind: 'target', target }];
    yield { kind: 'obstacle', obstacle, remedies };
    return;
  }
  const remedies = yield* remediesFor(request, obstacle.reason, { pan, minimum });
  yield { kind: 'obstacle', obstacle, remedies };
}
