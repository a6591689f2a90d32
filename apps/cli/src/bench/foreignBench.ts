import { CUTS, type CutId } from '@crustan/core/food';
import { drawn, even, seededRandom } from '@crustan/core/maths';
import {
  planWay,
  promisedCore,
  usesOven,
  USUAL,
  type CookPlan,
  type PlanRequest,
  type PlanSpread,
  type Way,
} from '@crustan/core/plan';
import { drawForeignKitchen, ForeignCooking } from '@crustan/core/foreign';

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

interface Planned {
  readonly plan: CookPlan;
  readonly spread: PlanSpread;
}

const planned = (request: PlanRequest): Planned | undefined => {
  let plan: CookPlan | undefined;
  for (const update of planWay(request)) {
    if (update?.kind === 'plan') ({ plan } = update);
    if (update?.kind === 'spread' && plan) return { plan, spread: update.spread };
  }
  return undefined;
};

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

const roastRequest = (random: () => number): PlanRequest => {
  const { thickness, weight } = CUTS['rib-roast'];
  const scale = even(random, 0.75, 1.1);
  return {
    ...USUAL,
    cut: 'rib-roast',
    thickness: thickness * scale,
    weight: weight * scale ** 2,
    way: 'oven-sear',
    start: even(random, 4, 12),
    target: even(random, 52, 60),
    pan: 215,
    lowOven: even(random, 105, 160),
  };
};

/** A request of a kind that can be planned: others are drawn again. */
const drawPlanned = (draw: () => PlanRequest): Planned => {
  for (;;) {
    const found = planned(draw());
    if (found) return found;
  }
};

interface Ended {
  readonly planned: Planned;
  readonly clockError: number;
  readonly pullError: number;
  readonly carryoverError: number;
  readonly timeRatio: number;
}

const endedOf = (found: Planned, random: () => number): Ended => {
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

/** Forty steaks and ten roasts of a seed, each cooked by the clock and by its core in a kitchen of its own. */
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
        drawPlanned(() => roastRequest(random)),
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
