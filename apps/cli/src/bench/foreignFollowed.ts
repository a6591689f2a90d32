import { CUTS, type CutId } from '@crustan/core/food';
import { drawn, even, normal, seededRandom } from '@crustan/core/maths';
import {
  planOnSection,
  USUAL,
  type CookPlan,
  type PlanRequest,
  type Way,
} from '@crustan/core/plan';
import {
  drawForeignKitchen,
  ForeignCooking,
  type ForeignKitchen,
  type ForeignTrace,
} from '@crustan/core/foreign';
import { drawRoast } from './foreignPlans';

/** Placement error and measurement error of a hand-held thermometer. */
interface Hand {
  /** Tip from the middle along the thickness: what it is each time, and its scatter, m. */
  readonly off: number;
  readonly offScatter: number;
  /** Constant error and scatter of its reading, K. */
  readonly bias: number;
  readonly noise: number;
}

export const HANDS = {
  exact: { off: 0, offScatter: 0.0003, bias: 0, noise: 0.2 },
  careless: { off: 0, offScatter: 0.004, bias: 0, noise: 0.7 },
  biased: { off: 0.0035, offScatter: 0.001, bias: 0.8, noise: 0.3 },
} as const satisfies Record<string, Hand>;
export type HandName = keyof typeof HANDS;
const HAND_NAMES = ['exact', 'careless', 'biased'] as const satisfies readonly HandName[];

/** Noise of a probe that was left in, K. */
const PROBE_NOISE = 0.15;
/** s between the readings of a probe, and between the records of a trace. */
export const PROBE_EVERY = 30;
const TRACE_EVERY = 10;
/** s between the moments at which a hand may check. */
const CHECK_EVERY = 10;
/** Shares of the planned pull at which a hand reads. */
export const HAND_READS = [0.4, 0.55, 0.7, 0.8, 0.9, 1, 1.1, 1.2, 1.35] as const;
/** Shares of the solved leg at which a pull is tried. */
const PULLS = [0.4, 0.6, 0.75, 0.87, 1, 1.13, 1.3, 1.5, 1.75, 2.1] as const;

const KINDS = ['low-oven', 'hot-oven', 'roast', 'pan', 'pan'] as const;
export type ForeignKind = (typeof KINDS)[number];

/** A reading: s from the first heat, C. */
export interface ForeignReading {
  readonly seconds: number;
  readonly celsius: number;
}

/** A cook in a foreign kitchen that can be followed: what was read, and how it ends after each pull. */
export interface ForeignFollowed {
  readonly kind: ForeignKind;
  /** Hand that measures; undefined for an inserted probe. */
  readonly hand: HandName | undefined;
  readonly plan: CookPlan;
  /** Begin of the solved leg, s from the first heat. */
  readonly from: number;
  readonly readings: readonly ForeignReading[];
  /** Readings of a hand that checks once more before it pulls: one for each moment at which it may. */
  readonly checks: readonly ForeignReading[];
  readonly pulls: readonly number[];
  readonly ends: readonly number[];
}

const STEAK_CUTS = ['strip-steak', 'ribeye', 'rump-steak'] as const;
const PAN_WAYS: readonly Way[] = ['once', 'often', 'often'];

const steakRequest = (random: () => number, way: Way, least: number, most: number): PlanRequest => {
  const cut: CutId = drawn(random, STEAK_CUTS);
  const thickness = even(random, least, most);
  return {
    ...USUAL,
    cut,
    thickness,
    weight: CUTS[cut].weight * (thickness / CUTS[cut].thickness),
    way,
    start: even(random, 4, 15),
    target: even(random, 51, 60),
    pan: even(random, 190, 230),
    lowOven: even(random, 100, 140),
    hotOven: even(random, 150, 200),
  };
};

const REQUESTS: Readonly<Record<ForeignKind, (random: () => number) => PlanRequest>> = {
  'low-oven': (random) => steakRequest(random, 'oven-sear', 0.03, 0.05),
  'hot-oven': (random) => steakRequest(random, 'sear-oven', 0.032, 0.05),
  roast: (random) => drawRoast(random, 1.05),
  pan: (random) => steakRequest(random, drawn(random, PAN_WAYS), 0.022, 0.04),
};

export const drawForeignPlan = (kind: ForeignKind, random: () => number): CookPlan => {
  for (;;) {
    const planned = planOnSection(REQUESTS[kind](random));
    if (planned.ok) return planned.plan;
  }
};

/** Temperature at a tip, C. @param off distance from the middle along the thickness, m */
const shownAt = (
  { moments, middles }: ForeignTrace,
  seconds: number,
  off: number,
  thickness: number,
): number => {
  const found = moments.findLastIndex((moment) => moment <= seconds);
  const column = middles[Math.max(0, found)] ?? new Float64Array(1);
  const rows = column.length;
  const at = Math.min(rows - 1.001, Math.max(0, (0.5 + off / thickness) * rows - 0.5));
  const below = Math.floor(at);
  const [low = NaN, high = NaN] = [column[below], column[below + 1]];
  return low + (at - below) * (high - low);
};

/** Cooks a plan in a foreign kitchen and reads it. */
export const followIn = (
  { kind, hand, plan }: Pick<ForeignFollowed, 'kind' | 'hand' | 'plan'>,
  kitchen: ForeignKitchen,
  random: () => number,
): ForeignFollowed => {
  const solved = plan.legs.find(({ at, seconds }) => Math.abs(at + seconds - plan.pullAt) < 1);
  const from = solved?.at ?? 0;
  const pulls = PULLS.map((share) => from + share * (plan.pullAt - from));
  const trace = new ForeignCooking(plan, kitchen).trace(TRACE_EVERY, pulls);
  const thickness = plan.request.thickness + kitchen.thicknessOff;
  const last = trace.pulls.at(-1) ?? 0;
  const rounded = (celsius: number): number => Math.round(celsius * 10) / 10;
  const readings: ForeignReading[] = [];
  const checks: ForeignReading[] = [];
  if (hand) {
    const { off, offScatter, bias, noise } = HANDS[hand];
    const side = random() < 0.5 ? -1 : 1;
    const read = (seconds: number): ForeignReading => {
      const placed = side * (off + offScatter * normal(random));
      const shown = shownAt(trace, seconds, placed, thickness);
      return { seconds, celsius: rounded(shown + bias + noise * normal(random)) };
    };
    for (const share of HAND_READS) {
      if (share * plan.pullAt <= last) readings.push(read(share * plan.pullAt));
    }
    for (let seconds = from; seconds <= last; seconds += CHECK_EVERY) checks.push(read(seconds));
  } else {
    for (let seconds = from + PROBE_EVERY; seconds <= last; seconds += PROBE_EVERY) {
      const shown = shownAt(trace, seconds, kitchen.probeOff, thickness) + kitchen.probeBias;
      readings.push({ seconds, celsius: rounded(shown + PROBE_NOISE * normal(random)) });
    }
  }
  const { ends, pulls: pulled } = trace;
  return { kind, hand, plan, from, readings, checks, pulls: pulled, ends };
};

/** Draws the `nth` cook of a seed and cooks it. */
export const followForeign = (seed: number, nth: number): ForeignFollowed => {
  const random = seededRandom(seed * 7919 + nth);
  const kind = KINDS[nth % KINDS.length] ?? 'pan';
  const hand = kind === 'pan' ? HAND_NAMES[nth % HAND_NAMES.length] : undefined;
  const plan = drawForeignPlan(kind, random);
  return followIn({ kind, hand, plan }, drawForeignKitchen(random), random);
};
