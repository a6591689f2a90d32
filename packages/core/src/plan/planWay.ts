import { GOLDEN_FROM } from '../doneness';
import { DEFAULT_PAN, type PanOnBurner } from '../gear';
import { DISPLAY_COLUMNS } from '../heat';
import { checkGear } from './checkGear';
import { palest } from './palest';
import type { PlanUpdate, Remedy } from './planResult';
import { recordPlan } from './recordPlan';
import { remediesFor } from './remedies';
import type { PlanRequest } from './request';
import { refineWay, solveWay } from './solveWay';
import { spreadOfWay, windowOfWay } from './wayRanges';
import { WayCook } from './wayCook';

export interface PlanWayOptions {
  readonly pan?: PanOnBurner;
  /** The published minimum a kitchen keeps its plans to, C. */
  readonly minimum?: number | undefined;
  /** Also records the slice finely enough to be drawn large, and looks for remedies. */
  readonly inFull?: boolean;
}

/**
 * Plans one piece one way. Yields updates as they are known: first the plan in one dimension, then
 * as the section has it, and what refines it; null where a stale computation may be dropped.
 */
export function* planWay(
  request: PlanRequest,
  { pan = DEFAULT_PAN, minimum, inFull = true }: PlanWayOptions = {},
): Generator<PlanUpdate | null, void> {
  if (minimum !== undefined && request.target < minimum) {
    const target = Math.ceil(minimum * 10) / 10;
    yield {
      kind: 'obstacle',
      obstacle: { reason: 'locked', minimum },
      remedies: [{ kind: 'target', target }],
    };
    return;
  }
  const beforehand = checkGear(request, pan);
  if (beforehand) {
    yield { kind: 'obstacle', ...beforehand };
    return;
  }
  const flat = new WayCook(request, { pan });
  const solved = yield* solveWay(flat);
  if (!solved.ok) {
    const { obstacle } = solved;
    const remedies: readonly Remedy[] =
      obstacle.reason === 'warm' ? [{ kind: 'target', target: Math.ceil(request.start + 5) }] : [];
    yield { kind: 'obstacle', obstacle, remedies };
    if (obstacle.reason === 'warm' || !inFull) return;
    yield {
      kind: 'obstacle',
      obstacle,
      remedies: yield* remediesFor(request, obstacle.reason, pan),
    };
    return;
  }
  if (inFull) yield { kind: 'plan', quick: true, ...recordPlan(flat, solved.value) };
  const refined = yield* refineWay(flat, solved.value, { pan });
  const { cook: section, value, end } = refined;
  // A way among others shows its slice as served; the chosen one is scrubbed.
  const found = recordPlan(section, value, inFull ? { end } : { end, frames: 1 });
  yield { kind: 'plan', ...found };
  // Ranges are differences: one dimension gives them, about the answer the section gave.
  yield { kind: 'window', window: yield* windowOfWay(flat, value) };
  if (!inFull) return;
  yield { kind: 'spread', spread: yield* spreadOfWay(flat, value, pan) };
  if (palest(found.plan) < GOLDEN_FROM) {
    yield { kind: 'remedies', remedies: yield* remediesFor(request, 'pale', pan) };
  }
  yield null;
  const fine = new WayCook(request, { pan, columns: DISPLAY_COLUMNS }, section.settledLegs());
  yield { kind: 'slices', slices: recordPlan(fine, value, { end }).slices };
}
