import type { PanOnBurner } from '../../gear';
import { PLAN_LIMITS } from '../request/limits';
import type { CookPlan } from '../legs/planResult';
import { recordRun } from './recordPlan';
import { refineWay } from './refineWay';
import type { PlanRequest } from '../request/request';
import { solveWay } from './solveWay';
import { MethodSimulator } from '../legs/methodSimulator';

/** Meat this far under a minimum is at it, K: the solver's own steps leave as much open. */
const AT_MINIMUM = 0.1;
/** Targets that are tried for a minimum. */
const TARGETS_TRIED = 6;
/** The coldest meat rises by less than the target does: factor of each correction. */
const RAISED_BY = 1.3;
/** Targets are offered in halves of a kelvin. */
const STEPS_PER_KELVIN = 2;

const onStep = (target: number): number => Math.ceil(target * STEPS_PER_KELVIN) / STEPS_PER_KELVIN;

/** Whether meat of a plan stays under a minimum, C. */
export const isUnder = ({ coldestPeak }: CookPlan, minimum: number): boolean =>
  (coldestPeak ?? Infinity) < minimum - AT_MINIMUM;

/** A target near the lowest with which all of the meat reaches a minimum, C; undefined if none was found. */
export function* lowestTarget(
  request: PlanRequest,
  minimum: number,
  pan: PanOnBurner,
): Generator<null, number | undefined> {
  let target = onStep(Math.max(minimum, request.target));
  for (let tried = 0; tried < TARGETS_TRIED; tried += 1) {
    if (target > PLAN_LIMITS.target.most) return undefined;
    const raised = { ...request, target };
    const guide = new MethodSimulator(raised, { pan });
    const solved = yield* solveWay(guide);
    if (!solved.ok) return undefined;
    const refined = yield* refineWay(raised, solved, { guide, pan, frames: 1 });
    if (!refined.ok) return undefined;
    const { plan } = recordRun(refined.cook, refined.run);
    if (!isUnder(plan, minimum)) return target;
    target = onStep(target + RAISED_BY * (minimum - (plan.coldestPeak ?? minimum)));
  }
  return undefined;
}
