import { NOMINAL_KITCHEN } from '@crustan/core/gear/kitchenDeviation';
import type { Trouble } from '@crustan/core/cook/event';
import type { PanOnBurner } from '@crustan/core/gear/pan';
import type { TroubleDetail, TroubleOption } from '@crustan/core/whatif/troubleOptions';
import { liveWorker } from '../../workers/liveWorker';
import type { LiveCook } from './liveCook';

/** Thickness by which a thin end is assumed to be thinner, m. */
export const THINNER = 0.006;

/**
 * Fixes for a trouble from the present state of a piece, computed in the worker.
 * @param at ms since 1970
 */
export const findFixesNow = (
  { cook, plannedIn, forecast }: LiveCook,
  pan: PanOnBurner,
  at: number,
  trouble: Trouble,
  detail: TroubleDetail,
): Promise<readonly TroubleOption[]> => {
  const { request, legs, pullAt, restSeconds, trace } = cook.plan.plan;
  const inProgress = {
    plan: { request, legs, pullAt, restSeconds, trace },
    plannedIn,
    events: cook.events,
    pan,
    kitchen: forecast?.kitchen ?? NOMINAL_KITCHEN,
    pullAt: forecast?.decided === false ? forecast.pullAt : undefined,
  };
  return liveWorker().options(inProgress, at, trouble, detail);
};
