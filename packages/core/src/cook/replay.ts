import { DEFAULT_PAN, type PanOnBurner } from '../gear/pan';
import { SEARCH_COLUMNS } from '../heat';
import type { CookPlan, Slices } from '../plan/legs/planResult';
import { recordLegs } from '../plan/search/recordPlan';
import { MethodSimulator } from '../plan/legs/methodSimulator';
import type { CookEvent } from './event';
import { legsAsCooked } from './legsAsCooked';
import type { PlanFigures } from './progress';

/** A plan's figures and slices as its actual times would have given them. */
export interface ReplayedCook {
  readonly plan: CookPlan;
  readonly slices: Slices;
}

/**
 * Simulation of a cook with the times that were recorded: the plan's figures for the actual turns, moves, changes of
 * plan, pull and rest. Undefined until the piece has been in and out of the heat.
 * @param plannedIn planned start of the heat, ms since 1970
 * @param pan pan that was used: a cold one warms up, one in the oven gives off its heat
 */
export const replay = (
  plan: PlanFigures,
  plannedIn: number,
  events: readonly CookEvent[],
  pan: PanOnBurner = DEFAULT_PAN,
): ReplayedCook | undefined => {
  const legs = legsAsCooked(plan, plannedIn, events);
  if (legs === undefined) return undefined;
  const cook = new MethodSimulator(plan.request, { columns: SEARCH_COLUMNS, pan });
  return recordLegs(cook, legs);
};
