import { CUTS, type CutId } from '@crustan/core/food';
import { drawn, even, seededRandom } from '@crustan/core/maths';
import { promisedCore, usesOven, USUAL, type PlanRequest, type Way } from '@crustan/core/plan';
import { drawForeignKitchen, ForeignCooking } from '@crustan/core/foreign';
import { drawRoast, planAndSpread, type PlanAndSpread } from './foreignPlans';

const STEAKS = 40;
const ROASTS = 10;
const STEAK_CUTS = ['strip-steak', 'ribeye', 'rump-steak', 'fillet-steak'] as const;
const STEAK_WAYS: readonly Way[] = ['once', 'often', 'often', 'oven-sear', 'sear-oven'];
/** Half width of an 80 % range of a normal error, deviations. */
const EIGHTY = 1.2816;
/** An end this near to its target is good, K. */
const GOOD = 1.5;

/** Ends of plans in kitchens of other physics. Errors in K, shares from 0 to 1. */
export interface ForeignFigures {
  readonly steaks: number;
  readonly roasts: number;
  /** Median error of the end by the clock, without its sign, and mean with it; steaks. */
  readonly clockErrorK: number;
  readonly clockBiasK: number;
  /** Share of the ends by the clock that lie inside the stated 80 % range. */
  readonly clockInside80: number;
  /** Median error of the end of roasts pulled at the plan's core, without its sign. */
  readonly roastPullErrorK: number;
  /** Shares of the ends within 1.5 K where the core decided. */
  readonly steakPullGood: number;
  readonly roastPullGood: number;
  /** Median error of the rise from the pull to the end, without its sign. */
  readonly carryoverErrorK: number;
  /** Median time until the core is at the plan's pull, relative to the plan; pieces that stay in the pan. */
  readonly panMinutesRatio: number;
}

/** The middle of some figures; NaN of none. */
const median = (figures: readonly number[]): number => {
  const sorted = figures.toSorted((a, b) => a - b);
  const half = sorted.length >> 1;
  const [low = NaN, high = NaN] = [sorted[half - 1 + (sorted.length % 2)], sorted[half]];
  return (low + high) / 2;
};

const share = (all: readonly boolean[]): number => all.filter(Boolean).length / all.length;
const mean = (all: readonly number[]): number => all.reduce((sum, x) => sum + x, 0) / all.length;

const steakRequest = (random: () => number): PlanRequest => {
  const cut: CutId = drawn(random, STEAK_CUTS);
  const thickness = even(random, 0.02, 0.045);
  return {
    ...USUAL,
    cut,
    thickness,
    weight: CUTS[cut].weight * (thickness / CUTS[cut].thickness),
    way: drawn(random, STEAK_WAYS),
    start: even(random, 4, 18),
    target: even(random, 50, 62),
    pan: even(random, 190, 235),
    lowOven: even(random, 95, 135),
  };
};

/** A request of a kind that can be planned: others are drawn again. */
const drawPlanned = (draw: () => PlanRequest): PlanAndSpread => {
  for (;;) {
    const found = planAndSpread(draw());
    if (found) return found;
  }
};

interface Ended {
  readonly planned: PlanAndSpread;
  readonly clockError: number;
  readonly pullError: number;
  readonly carryoverError: number;
  readonly timeRatio: number;
}

const endedOf = (found: PlanAndSpread, random: () => number): Ended => {
  const { plan } = found;
  const kitchen = drawForeignKitchen(random);
  const clock = new ForeignCooking(plan, kitchen).cook('clock');
  const core = new ForeignCooking(plan, kitchen).cook('core');
  const { target } = plan.request;
  return {
    planned: found,
    clockError: clock.end - target,
    pullError: core.end - target,
    carryoverError: core.end - core.pullCore - (promisedCore(plan) - plan.pullCore),
    timeRatio: core.pullAt / plan.pullAt,
  };
};

/** Forty steaks and ten roasts of a seed, each cooked by the clock and by its core in its own kitchen. */
export const foreignBench = (seed: number, talk: (line: string) => void): ForeignFigures => {
  const random = seededRandom(seed);
  const say = (ended: Ended): Ended => {
    const { request } = ended.planned.plan;
    const figures = [ended.clockError, ended.pullError, ended.carryoverError, ended.timeRatio];
    const spread = ended.planned.spread.endTemperature;
    talk(
      `${request.cut} ${request.way} ${(request.thickness * 1000).toFixed(0)} mm, ±${spread.toFixed(1)}: ${figures.map((x) => x.toFixed(2)).join(' ')}`,
    );
    return ended;
  };
  const steaks = Array.from({ length: STEAKS }, () =>
    say(
      endedOf(
        drawPlanned(() => steakRequest(random)),
        random,
      ),
    ),
  );
  const roasts = Array.from({ length: ROASTS }, () =>
    say(
      endedOf(
        drawPlanned(() => drawRoast(random, 1.1)),
        random,
      ),
    ),
  );
  const all = [...steaks, ...roasts];
  const inPan = steaks.filter(({ planned: { plan } }) => !usesOven(plan.request.way));
  const good = ({ pullError }: Ended): boolean => Math.abs(pullError) <= GOOD;
  return {
    steaks: steaks.length,
    roasts: roasts.length,
    clockErrorK: median(all.map(({ clockError }) => Math.abs(clockError))),
    clockBiasK: mean(all.map(({ clockError }) => clockError)),
    clockInside80: share(
      all.map(
        ({ clockError, planned: { spread } }) =>
          Math.abs(clockError) <= EIGHTY * spread.endTemperature,
      ),
    ),
    roastPullErrorK: median(roasts.map(({ pullError }) => Math.abs(pullError))),
    steakPullGood: share(steaks.map(good)),
    roastPullGood: share(roasts.map(good)),
    carryoverErrorK: median(all.map(({ carryoverError }) => Math.abs(carryoverError))),
    panMinutesRatio: median(inPan.map(({ timeRatio }) => timeRatio)),
  };
};
