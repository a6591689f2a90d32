import { DEFAULT_PAN, type PanOnBurner } from '../gear';
import {
  cutOf,
  legsOf,
  LONGEST_OVEN,
  LONGEST_PAN,
  LONGEST_RENDER,
  planWay,
  searchColumns,
  MethodSimulator,
  type CookPlan,
  type Obstacle,
  type PullWindow,
} from '../plan';
import type { PlanCase } from './planRequests';

/** Largest distance from the target of a plan called feasible, K. */
export const PROMISE = 0.5;

export type Planned =
  | { readonly feasible: true; readonly plan: CookPlan; readonly window: PullWindow | undefined }
  | { readonly feasible: false; readonly obstacle: Obstacle };

/** Plans a case for display: on the section. */
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

/** Longest rest in which a peak is looked for, s. */
const HOUR = 3600;

/** Core at its peak, or when the piece is carved, if the legs of a plan are cooked by themselves, C. */
export const endAsTold = (
  { request, legs, restSeconds }: CookPlan,
  pan: PanOnBurner = DEFAULT_PAN,
  columns = searchColumns(request),
): number => {
  const cook = new MethodSimulator(request, { pan, columns });
  cook.reset();
  const told = legsOf(request).map((leg, i) => {
    const { seconds = 0, flips = [] } = legs[i] ?? {};
    return { ...leg, seconds, flips };
  });
  // Independent code: the maximum over a whole hour of rest, independent of the search's end condition.
  const decides = told.findLastIndex(({ unknownShare }) => unknownShare > 0);
  let peak = -Infinity;
  const see = (): boolean => {
    peak = Math.max(peak, cook.solver.core);
    return false;
  };
  told.forEach((leg, i) => cook.runLeg(leg, i > decides ? see : undefined));
  peak = Math.max(peak, cook.solver.core);
  // A whole piece is judged when it is carved.
  if (cutOf(request).whole) {
    cook.rest(restSeconds);
    return cook.solver.core;
  }
  cook.rest(HOUR, see);
  return peak;
};

/**
 * Largest bend of a total over three even steps: s, or a share of it, or of the window in which the end stays within
 * 1.5 C. A fifth of that is 0.3 C of the end, over three plans each of which can be a tenth off by the solver's steps;
 * in a slow oven it is minutes. One more or one fewer turn near the end, after which the face has poor contact for
 * some seconds, bends a total by seconds; a jump would be a turn's whole interval or a sear's step.
 */
const BEND_SECONDS = 6;
const BEND_SHARE = 0.012;
const BEND_OF_WINDOW = 0.2;

/** Largest bend of a total near this duration, within a window, s. */
export const allowedBend = (seconds: number, window: PullWindow | undefined): number => {
  const wide = window ? Math.max(window.early, window.late) : 0;
  return Math.max(BEND_SECONDS, BEND_SHARE * seconds, BEND_OF_WINDOW * wide);
};

/** Whether every leg of a plan is within the longest it may last. */
export const withinLongest = ({ legs, stoveSeconds }: CookPlan): boolean =>
  stoveSeconds <= LONGEST_PAN + 2 * LONGEST_RENDER &&
  legs.every(({ kind, seconds }) => seconds <= (kind === 'oven' ? LONGEST_OVEN : LONGEST_PAN));
