import { DEFAULT_PAN, type PanOnBurner } from '../gear/pan';
import { SEARCH_COLUMNS } from '../heat';
import type { CookPlan, Slices } from '../plan/planResult';
import { recordLegs } from '../plan/recordPlan';
import { WayCook } from '../plan/wayCook';
import type { CookEvent } from './event';
import { legsAsCooked } from './legsAsCooked';
import type { PlanFigures } from './progress';

/** A plan's figures and slices as its actual times would have given them. */
export interface ReplayedCook {
  readonly plan: CookPlan;
  readonly slices: Slices;
}

/**
 * What the model makes of the times a cook really kept: the plan's figures for the actual turns,
 * moves, changes of course, pull and rest. Undefined until the piece has been in and out of the
 * heat.
 * @param plannedIn when the plan has the piece meet the heat, ms since 1970
 * @param pan it was cooked in: a cold one comes up, one in the oven gives off its heat
 */
export const replay = (
  plan: PlanFigures,
  plannedIn: number,
  events: readonly CookEvent[],
  pan: PanOnBurner = DEFAULT_PAN,
): ReplayedCook | undefined => {
  const legs = legsAsCooked(plan, plannedIn, events);
  if (legs === undefined) return undefined;
  const cook = new WayCook(plan.request, { columns: SEARCH_COLUMNS, pan });
  return recordLegs(cook, legs);
};
