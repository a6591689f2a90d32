import { SEARCH_COLUMNS } from '../heat';
import { DEFAULT_PAN, type PanOnBurner } from '../gear';
import { finished } from '../maths/finished';
import { findCrossing } from '../maths/findCrossing';
import { PLAN_LIMITS } from './limits';
import { LONGEST_OVEN, LONGEST_PAN } from './longest';
import { ownLegs, wayOfSteps } from './ownLegs';
import type { OwnStep } from './ownSteps';
import type { CookPlan } from './planResult';
import { recordLegs } from './recordPlan';
import type { PlanRequest } from './request';
import { timedFor, turningSeconds, type TimedLeg } from './timedLeg';
import { WayCook } from './wayCook';
import { usesLowOven, usesOven } from './way';

/** What a cook's own times make of a piece, and what would make them right. */
export interface JudgedTimes {
  readonly plan: CookPlan;
  /** The core's peak over the wanted end, K. */
  readonly off: number;
  /** The change of time that mends it; undefined where none would. */
  readonly mend: TimesMend | undefined;
  /** The thickness these times are right for, and from which to which they end within 1.5 C, m. */
  readonly thickness: OwnThickness | undefined;
}

/** So many seconds more (or fewer) of these legs, shared by their time. */
export interface TimesMend {
  readonly legs: readonly number[];
  readonly seconds: number;
}

export interface OwnThickness {
  readonly right: number;
  readonly least: number;
  readonly most: number;
}

/** An end this near the target counts as right, K. */
const RIGHT = 1.5;
/** Tolerance of the searches in one dimension, K. */
const TOLERANCE = 0.1;
/** A mend is corrected on the section until it is this near, K, at most so often. */
const MENDED = 0.15;
const CORRECTIONS = 4;
/** A slope of the end by that time flatter than this mends nothing, K/s. */
const LEAST_SLOPE = 2e-4;

/** The legs a change of time goes to: the last oven, else all of the pan. */
const freeOf = (legs: readonly TimedLeg[]): readonly number[] => {
  const oven = legs.findLastIndex(({ kind }) => kind === 'oven');
  return oven === -1 ? [...legs.keys()].filter((i) => legs[i].kind !== 'board') : [oven];
};

const secondsOf = (legs: readonly TimedLeg[], free: readonly number[]): number =>
  free.reduce((sum, i) => sum + legs[i].seconds, 0);

/** The same legs with the free ones lasting so long together, each by its share. */
const lasting = (
  legs: readonly TimedLeg[],
  free: readonly number[],
  seconds: number,
): readonly TimedLeg[] => {
  const scale = seconds / secondsOf(legs, free);
  const made: TimedLeg[] = [];
  legs.forEach((leg, i) => {
    const lasts = free.includes(i) ? scale * leg.seconds : leg.seconds;
    made.push(timedFor(leg, lasts, turningSeconds(made)));
  });
  return made;
};

/** A request as its steps have it: their way, and their oven. */
export const requestOfSteps = (request: PlanRequest, steps: readonly OwnStep[]): PlanRequest => {
  const way = wayOfSteps(steps);
  const air = steps.find((step) => step.do === 'oven')?.air;
  if (!usesOven(way) || air === undefined) return { ...request, way };
  return { ...request, way, [usesLowOven(way) ? 'lowOven' : 'hotOven']: air };
};

/**
 * Runs a cook's own steps on the section: how the piece ends, what change of its time would bring
 * it to its target, and for which thickness the steps are right as they are.
 * @param steps at least one of them in a pan or an oven
 * @returns undefined where no step is in the heat
 */
export const judgeTimes = (
  asked: PlanRequest,
  steps: readonly OwnStep[],
  onPan: PanOnBurner = DEFAULT_PAN,
): JudgedTimes | undefined => {
  const request = requestOfSteps(asked, steps);
  const legs = ownLegs(steps, request);
  if (legs.length === 0) return undefined;
  const section = new WayCook(request, { pan: onPan, columns: SEARCH_COLUMNS });
  const { plan } = recordLegs(section, legs);
  const { target } = request;

  const flatPeak = (of: PlanRequest, timed: readonly TimedLeg[]): number => {
    const cook = new WayCook(of, { pan: onPan });
    cook.reset();
    return cook.endOf(timed).peak;
  };
  /** What the section adds to one dimension, K: taken to stay as it is nearby. */
  const edges = plan.peakCore - flatPeak(request, legs);

  const free = freeOf(legs);
  const given = secondsOf(legs, free);
  const longest = free.some((i) => legs[i].kind === 'oven') ? LONGEST_OVEN : LONGEST_PAN;
  const peakFor = (seconds: number): number =>
    flatPeak(request, lasting(legs, free, seconds)) + edges;
  const crossing = (
    f: (x: number) => number,
    goal: number,
    low: number,
    high: number,
  ): number | undefined => {
    const [a, b] = [
      { x: low, y: f(low) },
      { x: high, y: f(high) },
    ];
    return a.y < goal && b.y >= goal
      ? finished(findCrossing(f, goal, a, b, TOLERANCE)).x
      : undefined;
  };

  const mended = (): JudgedTimes['mend'] => {
    let seconds = crossing(peakFor, target, 0, longest);
    if (seconds === undefined) return undefined;
    for (let i = 0; i < CORRECTIONS; i += 1) {
      section.reset();
      const miss = section.endOf(lasting(legs, free, seconds)).peak - target;
      if (Math.abs(miss) <= MENDED) break;
      const nudge = Math.max(5, 0.02 * seconds);
      const slope = (peakFor(seconds + nudge) - peakFor(seconds)) / nudge;
      if (slope < LEAST_SLOPE) break;
      seconds = Math.min(longest, Math.max(0, seconds - miss / slope));
    }
    return { legs: free, seconds: seconds - given };
  };

  /** Thicker ends cooler: the search runs over its negative. */
  const thicknessFor = (goal: number): number | undefined => {
    const { least, most } = PLAN_LIMITS.thickness;
    const area = asked.weight / asked.thickness;
    const peakAt = (negative: number): number => {
      const thickness = -negative;
      return flatPeak({ ...request, thickness, weight: area * thickness }, legs) + edges;
    };
    const found = crossing(peakAt, goal, -most, -least);
    return found === undefined ? undefined : -found;
  };
  const right = thicknessFor(target);
  const thickness =
    right === undefined
      ? undefined
      : {
          right,
          least: thicknessFor(target + RIGHT) ?? PLAN_LIMITS.thickness.least,
          most: thicknessFor(target - RIGHT) ?? PLAN_LIMITS.thickness.most,
        };
  return { plan, off: plan.peakCore - target, mend: mended(), thickness };
};
