import { CUTS } from '@crustan/core/food';
import { even } from '@crustan/core/maths';
import {
  planWay,
  USUAL,
  type CookPlan,
  type PlanRequest,
  type PlanSpread,
} from '@crustan/core/plan';

export interface PlanAndSpread {
  readonly plan: CookPlan;
  readonly spread: PlanSpread;
}

/** The plan of a request with its range by the clock; undefined if it is refused. */
export const planAndSpread = (request: PlanRequest): PlanAndSpread | undefined => {
  let plan: CookPlan | undefined;
  for (const update of planWay(request)) {
    if (update?.kind === 'plan') ({ plan } = update);
    if (update?.kind === 'spread' && plan) return { plan, spread: update.spread };
  }
  return undefined;
};

/**
 * Draws a rib roast in a low oven.
 * @param largest size relative to the default
 */
export const drawRoast = (random: () => number, largest: number): PlanRequest => {
  const { thickness, weight } = CUTS['rib-roast'];
  const scale = even(random, 0.75, largest);
  return {
    ...USUAL,
    cut: 'rib-roast',
    thickness: thickness * scale,
    weight: weight * scale ** 2,
    way: 'oven-sear',
    start: even(random, 4, 12),
    target: even(random, 52, 60),
    lowOven: even(random, 105, 160),
  };
};
