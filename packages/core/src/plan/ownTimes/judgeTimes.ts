import { SEARCH_COLUMNS } from '../../heat';
import { DEFAULT_PAN, deviationAt, NOMINAL_KITCHEN, type PanOnBurner } from '../../gear';
import { findCrossing } from '../../maths/findCrossing';
import { PLAN_LIMITS } from '../request/limits';
import { LONGEST_OVEN, LONGEST_PAN } from '../legs/longest';
import { coreEnds, type CoreEnd } from './coreEnds';
import { ownLegs } from './ownLegs';
import type { OwnStep } from '../legs/ownSteps';
import type { CookPlan, Slices } from '../legs/planResult';
import { inputsOf, inputSpread, modelSpread } from '../ranges/inputSpread';
import { recordLegs } from '../search/recordPlan';
import { requestOfSteps } from './requestOfSteps';
import { stepsAt, type SaidStep } from './saidStep';
import type { PlanRequest } from '../request/request';
import { spreadAbout } from '../ranges/spreadAbout';
import { timedFor, turningSeconds, type TimedLeg } from '../legs/timedLeg';
import { MethodSimulator } from '../legs/methodSimulator';

/** Result of a cook's own times, and corrections for it. */
export interface JudgedTimes {
  readonly plan: CookPlan;
  readonly slices: Slices;
  /** The core's peak over the wanted end, K. */
  readonly off: number;
  /** Uncertainty of the end by the clock, one standard deviation, K. */
  readonly spread: number;
  /** The change of time that mends it; undefined if none would. */
  readonly mend: TimesMend | undefined;
  /** The thickness these times are right for, and from which to which they end within 1.5 C, m. */
  readonly thickness: OwnThickness | undefined;
  /** The core's peak with every range at its least and at its most, C; undefined if nothing is a range. */
  readonly ranges: { readonly least: number; readonly most: number } | undefined;
  /** Duration of each step that ends by the core. */
  readonly ends: readonly CoreEnd[];
}

/** Additional (or fewer) seconds of these legs, divided in proportion to their time. */
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
/** Tolerance of a correction on the section, K, and the largest number of its runs. */
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

/** The same legs with this total duration of the free ones, each by its share. */
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

/** The rest that steps end with, s; undefined if they end in the heat. */
const lastRest = (steps: readonly OwnStep[]): number | undefined => {
  const from = steps.findLastIndex(({ do: does }) => does !== 'rest') + 1;
  if (from === steps.length) return undefined;
  return steps.slice(from).reduce((sum, step) => sum + ('seconds' in step ? step.seconds : 0), 0);
};

/** Root of a rising function between two places; undefined without a root there. */
function* crossing(
  f: (x: number) => number,
  goal: number,
  low: number,
  high: number,
): Generator<null, number | undefined> {
  const a = { x: low, y: f(low) };
  yield null;
  const b = { x: high, y: f(high) };
  if (a.y >= goal || b.y < goal) return undefined;
  return (yield* findCrossing(f, goal, a, b, TOLERANCE)).x;
}

/**
 * Simulates a cook's own steps on the section: end of the piece, change of its time that would reach its target, and
 * thickness for which the unchanged steps are right. Yields between runs, so that it can be dropped.
 * @param said steps, at least one in a pan or an oven. Ranges are judged in their middle and at both ends.
 * @returns undefined if no step is in the heat
 */
export function* judgeTimes(
  asked: PlanRequest,
  said: readonly SaidStep[],
  onPan: PanOnBurner = DEFAULT_PAN,
): Generator<null, JudgedTimes | undefined> {
  const ends = yield* coreEnds(asked, said, onPan);
  const endSeconds = new Map(
    ends.flatMap(({ step, seconds }) => (seconds === undefined ? [] : [[step, seconds] as const])),
  );
  const steps = stepsAt(said, 0.5, endSeconds);
  const request = requestOfSteps(asked, steps);
  const legs = ownLegs(steps, request);
  if (legs.length === 0) return undefined;
  const section = new MethodSimulator(request, { pan: onPan, columns: SEARCH_COLUMNS });
  const recorded = recordLegs(section, legs, { frames: 1, rest: lastRest(steps) });
  const plan: CookPlan = { ...recorded.plan, ownSteps: steps };
  yield null;
  const { target } = request;
  const flatPeak = (of: PlanRequest, timed: readonly TimedLeg[]): number => {
    const cook = new MethodSimulator(of, { pan: onPan });
    cook.reset();
    return cook.endOf(timed).reached;
  };
  /** 2-D minus 1-D peak, K. It is taken as constant nearby. */
  const edges = plan.peakCore - flatPeak(request, legs);

  const peakAtShare = (share: number): number => {
    const cook = new MethodSimulator(request, { pan: onPan, columns: SEARCH_COLUMNS });
    cook.reset();
    return cook.endOf(ownLegs(stepsAt(said, share, endSeconds), request)).reached;
  };
  const isRange = said.some(
    (step) => step.do !== 'turn' && step.time && step.time.least < step.time.most,
  );
  const ranges = isRange ? { least: peakAtShare(0), most: peakAtShare(1) } : undefined;
  yield null;

  const free = freeOf(legs);
  const given = secondsOf(legs, free);
  const longest = free.some((i) => legs[i].kind === 'oven') ? LONGEST_OVEN : LONGEST_PAN;
  const peakFor = (seconds: number): number =>
    flatPeak(request, lasting(legs, free, seconds)) + edges;
  let seconds = yield* crossing(peakFor, target, 0, longest);
  for (let i = 0; seconds !== undefined && i < CORRECTIONS; i += 1) {
    yield null;
    section.reset();
    const miss = section.endOf(lasting(legs, free, seconds)).reached - target;
    if (Math.abs(miss) <= MENDED) break;
    const nudge = Math.max(5, 0.02 * seconds);
    const slope = (peakFor(seconds + nudge) - peakFor(seconds)) / nudge;
    if (slope < LEAST_SLOPE) break;
    seconds = Math.min(longest, Math.max(0, seconds - miss / slope));
  }

  const { endTemperature: spread } = yield* spreadAbout(
    inputsOf(request).map((input) => [input, inputSpread(input, request)]),
    given,
    (input, spreads) => {
      const off = deviationAt(input, spreads, inputSpread(input, request));
      const deviation = { ...NOMINAL_KITCHEN, [input]: off };
      const cook = new MethodSimulator(request, { pan: onPan, deviation });
      cook.reset();
      return cook.endOf(legs).reached;
    },
    (longer) => flatPeak(request, lasting(legs, free, longer)),
    modelSpread(request),
  );

  /** Thicker ends cooler, so that the search runs over the negative. */
  const { least, most } = PLAN_LIMITS.thickness;
  const peakAt = (negative: number): number => {
    const weight = (asked.weight / asked.thickness) * -negative;
    return flatPeak({ ...request, thickness: -negative, weight }, legs) + edges;
  };
  const right = yield* crossing(peakAt, target, -most, -least);
  const thinnest = right && (yield* crossing(peakAt, target + RIGHT, -most, -least));
  const thickest = right && (yield* crossing(peakAt, target - RIGHT, -most, -least));
  return {
    plan,
    slices: recorded.slices,
    ranges,
    ends,
    spread,
    off: plan.peakCore - target,
    mend: seconds === undefined ? undefined : { legs: free, seconds: seconds - given },
    thickness:
      right === undefined
        ? undefined
        : { right: -right, least: -(thinnest ?? -least), most: -(thickest ?? -most) },
  };
}
