import type { PanOnBurner } from '../gear';
import { runToEnd } from '../maths/runToEnd';
import { crustFrom } from '../doneness';
import { palestFace } from '../plan/legs/palestBrowning';
import { WAY_TRAITS } from '../plan/request/way';
import type { PlanRequest } from '../plan/request/request';
import { recordLegs } from '../plan/search/recordPlan';
import { solveWay } from '../plan/search/solveWay';
import type { CookPlan } from '../plan/legs/planResult';
import { trueCook, type HiddenKitchen } from './trueKitchen';
import type { PracticeResult } from './practiceKitchen';

/** Result of the best cook in the same kitchen, and the distance of this one from it. */
export interface PracticeScore {
  /** 0 to 100. */
  readonly score: number;
  /** Undefined if no pan heat gives what was wanted. */
  readonly best: BestCook | undefined;
  readonly lost: readonly PracticeLoss[];
}

/** The plan of a cook who knew the hidden kitchen, and the pan heat it asks for, C. */
export interface BestCook {
  readonly plan: CookPlan;
  readonly pan: number;
}

/** Lost points, with their reason. */
export type PracticeLoss =
  | { readonly on: 'over'; readonly points: number; readonly by: number; readonly seconds: number }
  | { readonly on: 'under'; readonly points: number; readonly by: number; readonly seconds: number }
  | { readonly on: 'pale'; readonly points: number; readonly panAtIn: number | undefined }
  | { readonly on: 'dark'; readonly points: number }
  | { readonly on: 'uneven'; readonly points: number }
  | { readonly on: 'grey'; readonly points: number; readonly by: number }
  | { readonly on: 'butter'; readonly points: number }
  /** Time between the pieces of one plate, s. */
  | { readonly on: 'apart'; readonly points: number; readonly seconds: number };

/** Points for each degree beyond the first off the wanted end, and for each tenth of browning. */
const PER_DEGREE = 8;
const PER_TENTH = 3;
/** Browning past this is bitter; two faces further apart than this are seen. */
const DARK_FROM = 2.6;
const APART = 0.5;
/** Grey band beyond the best cook's costs a point for each half millimetre. */
const PER_METRE = 2000;
const BUTTER_POINTS = { none: 0, foaming: 0, brown: 3, burnt: 15 } as const;

/** Reductions of the pan temperature that are tried if the piece would burn, K. */
const LESS_HOT = [0, 25, 50, 75] as const;

/**
 * Plan of a cook who knew this kitchen: in the requested pan, or the hottest of the cooler ones that does not burn the
 * piece. In practice the user sets the burner, therefore no burner habit counts.
 */
export const bestCook = (
  request: PlanRequest,
  hidden: HiddenKitchen,
  onBurner: PanOnBurner,
): BestCook | undefined => {
  const knowing = { ...hidden, habits: { ...hidden.habits, knob: request.knob } };
  for (const less of LESS_HOT) {
    const pan = request.pan - less;
    const cook = trueCook({ ...request, pan }, knowing, { pan: onBurner });
    const solved = runToEnd(solveWay(cook));
    if (!solved.ok) return undefined;
    const { legs, end, faces } = solved.run;
    if (Math.max(...faces) < crustFrom('burnt', request)) {
      return { plan: recordLegs(cook, legs, { end }).plan, pan };
    }
  }
  return undefined;
};

/** Scores a practised cook against the wanted end and the best cook of the same kitchen. */
export const practiceScore = (
  request: PlanRequest,
  hidden: HiddenKitchen,
  result: PracticeResult,
  onBurner: PanOnBurner,
): PracticeScore => {
  const best = bestCook(request, hidden, onBurner);
  const lost: PracticeLoss[] = [];
  const off = result.peak - request.target;
  const seconds =
    best && result.pulledAt !== undefined ? Math.round(Math.abs(off) / rateOf(best.plan)) : 0;
  const points = Math.min(60, PER_DEGREE * Math.max(0, Math.abs(off) - 1));
  if (points > 0) lost.push({ on: off > 0 ? 'over' : 'under', points, by: Math.abs(off), seconds });
  const palest = palestFace(request, result.browning);
  const darkest = Math.max(...result.browning);
  const pale = Math.min(30, Math.max(0, crustFrom('golden', request) - palest) * 10 * PER_TENTH);
  if (pale > 0) lost.push({ on: 'pale', points: pale, panAtIn: result.panAtIn });
  const dark = Math.min(30, Math.max(0, darkest - DARK_FROM) * 10 * PER_TENTH);
  if (dark > 0) lost.push({ on: 'dark', points: dark });
  // On its skin only one face is meant to brown.
  const apart = WAY_TRAITS[request.way].onSkin ? 0 : darkest - Math.min(...result.browning);
  const uneven = Math.min(12, Math.max(0, apart - APART) * 10);
  if (uneven > 0) lost.push({ on: 'uneven', points: uneven });
  const grey = result.greyBand - (best?.plan.greyBand ?? result.greyBand);
  if (grey > 0.0005) lost.push({ on: 'grey', points: Math.min(15, grey * PER_METRE), by: grey });
  const butter = BUTTER_POINTS[result.butter];
  if (butter > 0) lost.push({ on: 'butter', points: butter });
  const total = lost.reduce((sum, loss) => sum + loss.points, 0);
  return { score: Math.max(0, Math.round(100 - total)), best, lost };
};

/** Rate of the end at the best cook's pull, K/s: the core's own slope there. */
const rateOf = ({ trace, pullAt }: CookPlan): number => {
  const after = trace.time.findIndex((time) => time >= pullAt);
  const at = Math.max(1, after);
  const rate =
    (trace.core[at] - trace.core[at - 1]) / Math.max(1e-6, trace.time[at] - trace.time[at - 1]);
  return Math.max(0.005, rate);
};

/** Pieces that come out within this of each other share a plate, s; points for each minute beyond, at most. */
const TOGETHER = 60;
const PER_MINUTE = 5;
const MOST_APART = 30;

/** Points lost where pieces for one plate came out apart. @param pulledAt s, of each piece */
export const apartLoss = (pulledAt: readonly number[]): PracticeLoss | undefined => {
  const seconds = Math.max(...pulledAt) - Math.min(...pulledAt);
  if (pulledAt.length < 2 || seconds <= TOGETHER) return undefined;
  const points = Math.min(MOST_APART, ((seconds - TOGETHER) / 60) * PER_MINUTE);
  return { on: 'apart', points, seconds };
};
