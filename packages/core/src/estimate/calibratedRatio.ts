import type { PlanFigures } from '../cook/progress';
import type { PanOnBurner } from '../gear';
import { MethodSimulator } from '../plan/legs/methodSimulator';
import type { TimedLeg } from '../plan/legs/timedLeg';

/** Figures of a plan with the core at its pull, C. */
export type PlanWithPull = PlanFigures & { readonly pullCore: number };

/** Step of the ratio for its effect on the core, and its largest value. */
const STEP = 0.05;
const MOST = 2;

/**
 * The lateral area ratio with which one dimension reaches the plan's own core at the pull; undefined without an oven, or
 * if the core hardly depends on it.
 * @param legs of the plan, as timed
 */
export const calibratedRatio = (
  plan: PlanWithPull,
  pan: PanOnBurner,
  legs: readonly TimedLeg[],
): number | undefined => {
  if (!plan.legs.some(({ kind }) => kind === 'oven')) return undefined;
  const end = (ratio?: number): { ratio: number; core: number } => {
    const cook = new MethodSimulator(plan.request, { pan, lateralAreaRatio: ratio });
    cook.reset();
    return { ratio: cook.lateralAreaRatio, core: cook.endOf(legs).pullCore };
  };
  const nominal = end();
  const slope = (end(nominal.ratio + STEP).core - nominal.core) / STEP;
  if (!(slope > 1)) return undefined;
  return Math.min(MOST, Math.max(0, nominal.ratio + (plan.pullCore - nominal.core) / slope));
};
