import { NOMINAL_KITCHEN } from '@crustan/core/gear/kitchenDeviation';
import type { Trouble } from '@crustan/core/cook/event';
import type { PanOnBurner } from '@crustan/core/gear/pan';
import type { TroubleDetail, TroubleOption } from '@crustan/core/whatif/troubleOptions';
import { liveWorker } from '../../workers/liveWorker';
import type { LiveCook } from './liveCook';

/** How much thinner a thin end is taken to be, m. */
export const THINNER = 0.006;

/**
 * What can be done about a trouble, from the state a piece is in; computed in the worker.
 * @param at ms since 1970
 */
export const waysOutNow = (
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
