import { DEFAULT_PAN } from '../gear';
import { crustFrom } from '../doneness';
import type { PlanRequest } from '../plan/request';
import { recordLegs } from '../plan/recordPlan';
import { solveWay } from '../plan/solveWay';
import type { CookPlan } from '../plan/planResult';
import { trueCook, type HiddenKitchen } from './trueKitchen';
import type { PracticeResult } from './practiceKitchen';

/** What the best cook in the same kitchen would have done, and how near this one came. */
export interface PracticeScore {
  /** 0 to 100. */
  readonly score: number;
  readonly best: CookPlan | undefined;
  readonly lost: readonly PracticeLoss[];
}

/** Points lost, and on what. */
export type PracticeLoss =
  | { readonly on: 'over'; readonly points: number; readonly by: number; readonly seconds: number }
  | { readonly on: 'under'; readonly points: number; readonly by: number; readonly seconds: number }
  | { readonly on: 'pale'; readonly points: number; readonly panAtIn: number | undefined }
  | { readonly on: 'dark'; readonly points: number }
  | { readonly on: 'uneven'; readonly points: number }
  | { readonly on: 'grey'; readonly points: number; readonly by: number }
  | { readonly on: 'butter'; readonly points: number };

/** Points for each degree beyond the first off the wanted end, and for each tenth of browning. */
const PER_DEGREE = 8;
const PER_TENTH = 3;
/** Browning past this is bitter; two faces further apart than this are seen. */
const DARK_FROM = 2.6;
const APART = 0.5;
/** Grey band beyond the best cook's costs a point for each half millimetre. */
const PER_METRE = 2000;
const BUTTER_POINTS = { none: 0, foaming: 0, brown: 3, burnt: 15 } as const;

/** The plan a cook who knew this kitchen would have cooked by. */
export const bestCook = (request: PlanRequest, hidden: HiddenKitchen): CookPlan | undefined => {
  const cook = trueCook(request, hidden, { pan: DEFAULT_PAN });
  const search = solveWay(cook);
  for (;;) {
    const step = search.next();
    if (step.done !== true) continue;
    if (!step.value.ok) return undefined;
    const { legs, end } = step.value.run;
    return recordLegs(cook, legs, { end }).plan;
  }
};

/** Scores a practised cook against the wanted end and the best cook of the same kitchen. */
export const practiceScore = (
  request: PlanRequest,
  hidden: HiddenKitchen,
  result: PracticeResult,
): PracticeScore => {
  const best = bestCook(request, hidden);
  const lost: PracticeLoss[] = [];
  const off = result.peak - request.target;
  const seconds =
    best && result.pulledAt !== undefined ? Math.round(Math.abs(off) / rateOf(best)) : 0;
  const points = Math.min(60, PER_DEGREE * Math.max(0, Math.abs(off) - 1));
  if (points > 0) lost.push({ on: off > 0 ? 'over' : 'under', points, by: Math.abs(off), seconds });
  const [palest, darkest] = [Math.min(...result.browning), Math.max(...result.browning)];
  const pale = Math.min(30, Math.max(0, crustFrom('golden', request) - palest) * 10 * PER_TENTH);
  if (pale > 0) lost.push({ on: 'pale', points: pale, panAtIn: result.panAtIn });
  const dark = Math.min(30, Math.max(0, darkest - DARK_FROM) * 10 * PER_TENTH);
  if (dark > 0) lost.push({ on: 'dark', points: dark });
  const uneven = Math.min(12, Math.max(0, darkest - palest - APART) * 10);
  if (uneven > 0) lost.push({ on: 'uneven', points: uneven });
  const grey = result.greyBand - (best?.greyBand ?? result.greyBand);
  if (grey > 0.0005) lost.push({ on: 'grey', points: Math.min(15, grey * PER_METRE), by: grey });
  const butter = BUTTER_POINTS[result.butter];
  if (butter > 0) lost.push({ on: 'butter', points: butter });
  const total = lost.reduce((sum, loss) => sum + loss.points, 0);
  return { score: Math.max(0, Math.round(100 - total)), best, lost };
};

/** How fast the end climbs at the best cook's pull, K/s: the core's own slope there. */
const rateOf = ({ trace, pullAt }: CookPlan): number => {
  const after = trace.time.findIndex((time) => time >= pullAt);
  const at = Math.max(1, after);
  const rate =
    (trace.core[at] - trace.core[at - 1]) / Math.max(1e-6, trace.time[at] - trace.time[at - 1]);
  return Math.max(0.005, rate);
};
