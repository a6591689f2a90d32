import type { DrillError } from '../doneness/drillError';
import { DEFAULT_OVEN } from '../gear/ovenBody';
import { DONENESS_SCALES, type DonenessStep } from '../doneness/scales';
import type { Species } from '../food';
import { FIRST_GEAR, panOnBurner, type LoggedCook, type SeenResult } from '../learn/loggedCook';
import { cutOf } from '../plan/request/request';
import { weighedLoss } from './judgementSchema';
import { heatStartFor, runOf } from '../schedule/run';
import type { CookRecord } from './messages';

/** Doneness scales of the kitchen, and the errors of its cook's eye and finger. */
export interface CookEyes {
  readonly scaleOf: (species: Species) => readonly DonenessStep[];
  /** Error of the cook's answers about slices in drills: mean and standard deviation, K; undefined: no drills. */
  readonly slice?: DrillError | undefined;
  /** The same of its finger. */
  readonly touch?: DrillError | undefined;
}
const USUAL_EYES: CookEyes = { scaleOf: (species) => DONENESS_SCALES[species] };

/** Standard deviation of a doneness that is judged by the slice without drills, K. Estimate. */
const EYE_ERROR = 4;
/** Half of the range of the first and the last doneness of a scale, which are open, K. */
const OPEN_HALF = 4;

/** Core temperature of a judged doneness; undefined for a word that the scale does not have. */
const donenessSeen = (
  name: string,
  scale: readonly DonenessStep[],
  { slice }: CookEyes,
): SeenResult['doneness'] => {
  const at = scale.findIndex((step) => step.name === name);
  if (at === -1) return undefined;
  const from = at === 0 ? scale[at].target - OPEN_HALF : scale[at].from;
  const to = at + 1 < scale.length ? scale[at + 1].from : scale[at].target + OPEN_HALF;
  const { bias = 0, spread = EYE_ERROR } = slice ?? {};
  // A range is as wide as a uniform distribution over it.
  const width = (to - from) / Math.sqrt(12);
  return { celsius: (from + to) / 2 - bias, sigma: Math.hypot(spread, width) };
};

/** Grey band, loss and doneness of the judged piece; undefined if it was not judged. */
export const seenOf = (
  { judgement, plan: { plan } }: Pick<CookRecord, 'judgement' | 'plan'>,
  eyes: CookEyes,
): SeenResult | undefined => {
  if (!judgement) return undefined;
  const { greyDepths, doneness } = judgement;
  const scale = eyes.scaleOf(cutOf(plan.request).species);
  return {
    grey: greyDepths && greyDepths.upper + greyDepths.lower,
    loss: weighedLoss(judgement),
    doneness: doneness === undefined ? undefined : donenessSeen(doneness, scale, eyes),
  };
};

/**
 * A cook of the logbook as a kitchen is learned from it.
 * @param eyes default: the house's scales, without drills
 */
export const loggedCookOf = (cook: CookRecord, eyes: CookEyes = USUAL_EYES): LoggedCook => {
  const { plan, plateAt, gear = FIRST_GEAR } = cook.plan;
  const oven = { ...DEFAULT_OVEN, offset: gear.oven.offset, timeConstant: gear.oven.lag };
  const run = runOf(plan, { pan: panOnBurner(gear, gear.burner.share), oven });
  return {
    id: cook.id,
    at: cook.createdAt,
    plan,
    plannedIn: heatStartFor(run, plateAt - (cook.together?.waits ?? 0) * 1000),
    gear,
    events: cook.events,
    endTemperature: cook.judgement?.endTemperature,
    crust: cook.judgement?.crust,
    seen: seenOf(cook, eyes),
    finger: eyes.touch,
  };
};
