import { DEFAULT_OVEN, OvenBody } from '../gear';
import type { ReadingEvent } from '../cook/event';
import { effectiveEvents } from '../cook/effectiveEvents';
import type { LoggedCook } from './loggedCook';
import { firstOvenLeg } from '../plan/legs/ovenLegs';

/** The oven's time constant as learned from its thermometer. */
export interface LearnedLag {
  /** Time constant of walls and racks and its standard deviation, s. */
  readonly value: number;
  readonly deviation: number;
  readonly unknown: number;
  readonly cooks: readonly string[];
}

/** Standard deviation of the logarithm between ovens. Estimate. */
const SPREAD = 0.35;
/** Standard deviation of oven readings about the model while it warms up, K. Estimate. */
const LOOK = 12;
const STEPS = 41;
const WIDEST = 3;

/** Readings of one oven coming up: s since it was switched on, C, and its dial. */
interface WarmUp {
  readonly id: string;
  readonly dial: number;
  readonly seen: readonly { readonly seconds: number; readonly celsius: number }[];
}

const warmUpOf = ({ id, events, plan, gear }: LoggedCook): readonly WarmUp[] => {
  const effective = effectiveEvents(events);
  const on = effective.find(({ kind }) => kind === 'oven-on')?.at;
  const air = firstOvenLeg(plan.legs)?.air;
  if (on === undefined || air === undefined) return [];
  const into = effective.find(
    ({ kind, at }) => at > on && (kind === 'into-oven' || kind === 'in'),
  )?.at;
  const seen = effective
    .filter((event): event is ReadingEvent => event.kind === 'reading' && event.by === 'oven')
    .filter(({ at }) => at > on && at <= (into ?? Infinity))
    .map(({ at, celsius }) => ({ seconds: (at - on) / 1000, celsius }));
  return seen.length === 0 ? [] : [{ id, dial: air - gear.oven.offset, seen }];
};

/** Sum of squares of a warm-up with a time constant, in deviations. */
const misfit = ({ dial, seen }: WarmUp, offset: number, timeConstant: number): number => {
  const body = new OvenBody({ ...DEFAULT_OVEN, offset, timeConstant }, dial);
  let now = 0;
  let sum = 0;
  for (const { seconds, celsius } of seen) {
    body.follow(seconds - now);
    now = seconds;
    sum += ((celsius - body.air) / LOOK) ** 2;
  }
  // Readings of one warm-up share the model's error: together they count as a quarter of their number.
  return sum / Math.max(1, seen.length / 4);
};

/**
 * The oven's time constant from readings of its thermometer during the warm-up, shrunk to a typical oven's. Undefined
 * if no cook has such readings.
 * @param offset of its air over its dial, K
 */
export const learnLag = (
  cooks: readonly LoggedCook[],
  offset: number,
  since = -Infinity,
): LearnedLag | undefined => {
  const warmUps = cooks.filter(({ at }) => at >= since).flatMap(warmUpOf);
  if (warmUps.length === 0) return undefined;
  const points = Array.from({ length: STEPS }, (_, i) => {
    const spreads = WIDEST * ((2 * i) / (STEPS - 1) - 1);
    const timeConstant = DEFAULT_OVEN.timeConstant * Math.exp(spreads * SPREAD);
    const cost = warmUps.reduce(
      (sum, warmUp) => sum + misfit(warmUp, offset, timeConstant),
      spreads * spreads,
    );
    return { spreads, cost };
  });
  const least = Math.min(...points.map(({ cost }) => cost));
  const weighed = points.map(({ spreads, cost }) => ({
    spreads,
    weight: Math.exp((least - cost) / 2),
  }));
  const total = weighed.reduce((sum, { weight }) => sum + weight, 0);
  const mean = weighed.reduce((sum, { spreads, weight }) => sum + spreads * weight, 0) / total;
  const variance =
    weighed.reduce((sum, { spreads, weight }) => sum + weight * (spreads - mean) ** 2, 0) / total;
  const value = DEFAULT_OVEN.timeConstant * Math.exp(mean * SPREAD);
  const unknown = Math.min(1, Math.sqrt(variance));
  return {
    value,
    deviation: value * SPREAD * unknown,
    unknown,
    cooks: warmUps.map(({ id }) => id),
  };
};
