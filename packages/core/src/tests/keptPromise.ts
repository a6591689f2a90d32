import { DEFAULT_PAN, type PanOnBurner } from '../gear';
import {
  legsOf,
  LONGEST_OVEN,
  LONGEST_PAN,
  LONGEST_RENDER,
  planWay,
  searchColumns,
  WayCook,
  type CookPlan,
  type Obstacle,
  type PullWindow,
} from '../plan';
import type { PlanCase } from './planRequests';

/** How far from its target a plan that was called feasible may end, K. */
export const PROMISE = 0.5;

export type Planned =
  | { readonly feasible: true; readonly plan: CookPlan; readonly window: PullWindow | undefined }
  | { readonly feasible: false; readonly obstacle: Obstacle };

/** Plans a case as it is shown: on the section. */
export const planCase = ({ request, pan }: PlanCase, minimum?: number): Planned => {
  let found: Planned | undefined;
  for (const update of planWay(request, { pan, minimum, inFull: false })) {
    if (update?.kind === 'plan') found = { feasible: true, plan: update.plan, window: undefined };
    if (update?.kind === 'window' && found?.feasible) found = { ...found, window: update.window };
    if (update?.kind === 'obstacle') found = { feasible: false, obstacle: update.obstacle };
  }
  if (!found) throw new Error('a request is planned or refused');
  return found;
};

/** Where the core peaks when the legs that a plan tells are cooked by themselves, C. */
export const peakAsTold = (
  { request, legs }: CookPlan,
  pan: PanOnBurner = DEFAULT_PAN,
  columns = searchColumns(request),
): number => {
  const cook = new WayCook(request, { pan, columns });
  cook.reset();
  const told = legsOf(request).map((leg, i) => {
    const { seconds = 0, flips = [] } = legs[i] ?? {};
    return { ...leg, seconds, flips };
  });
  return cook.endOf(told).peak;
};

/** Whether every leg of a plan is within the longest it may last. */
export const withinLongest = ({ legs, stoveSeconds }: CookPlan): boolean =>
  stoveSeconds <= LONGEST_PAN + 2 * LONGEST_RENDER &&
  legs.every(({ kind, seconds }) => seconds <= (kind === 'oven' ? LONGEST_OVEN : LONGEST_PAN));
