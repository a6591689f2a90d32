import type { CookPlan, Slices } from './planResult';
import { recordLegs } from './recordPlan';
import { SEARCH_COLUMNS } from '../heat';
import { WayCook, type TimedLeg } from './wayCook';

/** When the piece went in, was turned, changed places and came out, ms since 1970. */
export interface ActualTimes {
  readonly inAt: number | undefined;
  readonly turnedAt: readonly number[];
  /** Moves between pan and oven, as far as they were noted. */
  readonly movedAt: readonly number[];
  readonly pulledAt: number | undefined;
}

type Planned = Pick<CookPlan, 'request' | 'legs'>;

/** Legs between which the piece changes places: pan to oven, or back. */
const isMove = (plan: Planned, i: number): boolean =>
  i > 0 && (plan.legs[i].kind === 'oven') !== (plan.legs[i - 1].kind === 'oven');

/**
 * The legs of a plan as they were really timed: each stay, in the pan or the oven, is stretched to
 * the presses that bound it, and the turns are those that were made.
 */
export const actualLegs = (
  cook: WayCook,
  plan: Planned,
  { inAt, turnedAt, movedAt, pulledAt }: ActualTimes,
): readonly TimedLeg[] | undefined => {
  if (inAt === undefined || pulledAt === undefined || pulledAt <= inAt) return undefined;
  const seconds = (at: number): number => (at - inAt) / 1000;
  const total = seconds(pulledAt);
  const moves = movedAt.map(seconds).filter((at) => at > 0 && at < total);
  const starts = [...moves, total];
  let move = 0;
  // The end of the stay that a leg is part of, as planned and as it was.
  const stays: { from: number; to: number; began: number; ended: number }[] = [];
  let began = 0;
  plan.legs.forEach((leg, i) => {
    if (i === 0 || isMove(plan, i)) {
      const lastStay = stays.at(-1);
      if (lastStay) began = lastStay.ended;
      stays.push({ from: leg.at, to: leg.at, began, ended: began });
    }
    const stay = stays[stays.length - 1];
    stay.to = leg.at + leg.seconds;
    if (i + 1 === plan.legs.length) stay.ended = total;
    else if (isMove(plan, i + 1)) {
      stay.ended = Math.min(total, starts[move] ?? total);
      move += 1;
    }
  });
  let stayIndex = -1;
  const turns = turnedAt.map(seconds).filter((turn) => turn > 0 && turn < total);
  return plan.legs.map((leg, i) => {
    if (i === 0 || isMove(plan, i)) stayIndex += 1;
    const stay = stays[stayIndex];
    const scale = (stay.ended - stay.began) / Math.max(1e-9, stay.to - stay.from);
    const at = stay.began + (leg.at - stay.from) * scale;
    const length = leg.seconds * scale;
    const flips = turns.filter((turn) => turn > at && turn <= at + length).map((t) => t - at);
    return { ...cook.legs[i], seconds: length, flips };
  });
};

/**
 * What the model makes of the times a cook really kept: the plan's figures for the actual turns,
 * moves, pull and rest. Undefined until the piece has been in and out of the heat.
 */
export const replay = (
  plan: Planned,
  times: ActualTimes,
): { readonly plan: CookPlan; readonly slices: Slices } | undefined => {
  const cook = new WayCook(plan.request, { columns: SEARCH_COLUMNS });
  const legs = actualLegs(cook, plan, times);
  return legs && recordLegs(cook, legs);
};
