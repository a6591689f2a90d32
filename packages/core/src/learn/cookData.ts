import { cookedLegs } from '../cook/cookedLegs';
import {
  isCoreReading,
  isFelt,
  isReading,
  type CookEvent,
  type FeltEvent,
  type ReadingEvent,
} from '../cook/event';
import { tracedRun, type TracedRun, type RunInput } from '../estimate/tracedRun';
import { progressOf } from '../cook/progress';
import { thinned } from '../maths/thinned';
import { sectionCorrection } from '../estimate/sectionCorrection';
import { effectiveEvents } from '../cook/effectiveEvents';
import type { TimedLeg } from '../plan/legs/timedLeg';
import type { KitchenDeviation } from '../gear';
import { panOnBurner, type LoggedCook } from './loggedCook';
import { panExcess, statedWarmUp } from './panWarmUp';
import { seenCount } from './seenEvidence';
import type { LearnedTraits } from './traits';
import { firstOvenLeg, inAPan } from '../plan/legs/ovenLegs';

/** Finite-difference steps of the model, in each deviation's own unit. */
export const MODEL_STEPS = {
  oven: 8,
  ovenHeat: 0.1,
  pan: 8,
  contact: 0.1,
  thickness: 0.001,
  start: 1.5,
} as const;
export type ModelStep = keyof typeof MODEL_STEPS;
const MOVED = [
  'oven',
  'ovenHeat',
  'pan',
  'contact',
  'thickness',
  'start',
] as const satisfies readonly ModelStep[];

/** Most readings of a probe used, evenly chosen: more add no information. */
const MOST_PROBED = 32;
const MOST_TYPED = 24;
/** A reading of the pan within this time of the piece going in counts as the pan it met, s. */
const NEAR_IN = 30;
/** A pan warmed within this fraction of its planned time was warmed by the clock. */
const BY_CLOCK = 0.2;
/** Standard deviation of one reading of the pan by an infrared thermometer, K. Estimate. */
export const GUN_ERROR = 9;

/** The measurements of a finished cook. */
export interface CookData {
  readonly cook: LoggedCook;
  readonly inAt: number;
  readonly legs: readonly TimedLeg[];
  /** s from the first heat to the end of the deciding leg. */
  readonly pull: number;
  readonly probed: readonly ReadingEvent[];
  readonly typed: readonly ReadingEvent[];
  readonly felt: readonly FeltEvent[];
  /** Of all of those, s from the first heat, in order of time. */
  readonly moments: readonly number[];
  readonly usesOven: boolean;
  readonly usesPan: boolean;
  /** Excess of the oven's air over its setting by a thermometer in it, K: mean, and count. */
  readonly air: { readonly over: number; readonly count: number } | undefined;
  /** Excess of the pan over its setting as the piece went in, by an infrared thermometer. */
  readonly panSeen: { readonly over: number; readonly count: number } | undefined;
  /** The pan was warmed for about as long as the run said: its heat is the burner's word. */
  readonly byClock: boolean;
  /** Infrared readings of a pan that warms up: s on the burner, C. */
  readonly warming: readonly { readonly seconds: number; readonly celsius: number }[];
}

const mean = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / values.length;

/** Readings of the pan before and as the piece met it. */
const panReadings = (cook: LoggedCook, effective: readonly CookEvent[], panIn: number) => {
  const { gear, plan } = cook;
  const requested = plan.request.pan;
  const seen = effective.filter(isReading).filter(({ by }) => by === 'gun');
  const near = seen.filter(({ at }) => at <= panIn + 20_000 && at > panIn - NEAR_IN * 1000);
  const warms = statedWarmUp(gear, requested);
  const on = effective.find(({ kind }) => kind === 'pan-on')?.at;
  const began = on ?? (warms === undefined ? undefined : panIn - warms * 1000);
  const took = on === undefined ? undefined : (panIn - on) / 1000;
  const byClock =
    took !== undefined && warms !== undefined && Math.abs(took - warms) <= BY_CLOCK * warms;
  const longest = warms === undefined ? 0 : 1.15 * warms + 20;
  const warming =
    began === undefined || warms === undefined
      ? []
      : seen
          .filter(({ at }) => at > began + 45_000 && at <= panIn + 5000)
          // By the clock, what was seen as the piece went in is weighed as that.
          .filter((event) => !byClock || !near.includes(event))
          .map(({ at, celsius }) => ({ seconds: (at - began) / 1000, celsius }))
          // Up to its time it comes up at full; a pan kept waiting is held by the cook.
          .filter(({ seconds }) => seconds <= longest);
  const panSeen =
    near.length === 0
      ? undefined
      : { over: mean(near.map(({ celsius }) => celsius)) - requested, count: near.length };
  return { panSeen, byClock, warming: thinned(warming, MOST_TYPED) };
};

/** The data of a cook; undefined if it was not finished or has no measurement. */
export const cookData = (cook: LoggedCook): CookData | undefined => {
  const { plan, plannedIn, events } = cook;
  const effective = effectiveEvents(events);
  const inAt = effective.find(({ kind }) => kind === 'in')?.at;
  const pulledAt = effective.find(({ kind }) => kind === 'pulled')?.at;
  const slicedAt = effective.find(({ kind }) => kind === 'sliced')?.at ?? Infinity;
  if (inAt === undefined || pulledAt === undefined || pulledAt <= inAt + 20_000) return undefined;
  const progress = progressOf(plan, plannedIn, effective);
  const turnedAt = effective.filter(({ kind }) => kind === 'turned').map(({ at }) => at);
  const legs = cookedLegs({ inAt, turnedAt, progress }, plan.request);
  const cores = effective
    .filter(isReading)
    .filter((one) => isCoreReading(one) && one.at > inAt && one.at < slicedAt);
  const probed = thinned(
    cores.filter(({ by }) => by === 'probe'),
    MOST_PROBED,
  );
  const typed = thinned(
    cores.filter(({ by }) => by !== 'probe'),
    MOST_TYPED,
  );
  const felt = effective.filter(isFelt).filter(({ at }) => at > inAt && at < slicedAt);
  const inOven = firstOvenLeg(progress.legs);
  const airs =
    inOven?.air === undefined
      ? []
      : effective.filter(isReading).filter(({ by, at }) => by === 'oven' && at >= inAt);
  const firstPan = progress.legs.findIndex(inAPan);
  const panIn =
    inAt +
    1000 * legs.slice(0, Math.max(0, firstPan)).reduce((sum, { seconds }) => sum + seconds, 0);
  const { panSeen, byClock, warming } = panReadings(cook, effective, panIn);
  const ends = seenCount(cook) + (cook.endTemperature === undefined ? 0 : 1);
  const measured = probed.length + typed.length + felt.length + ends;
  if (measured + airs.length + warming.length === 0) return undefined;
  return {
    cook,
    inAt,
    legs,
    pull: Math.max(1, (progress.decidedAt - inAt) / 1000),
    probed,
    typed,
    felt,
    moments: [...probed, ...typed, ...felt]
      .map(({ at }) => (at - inAt) / 1000)
      .toSorted((a, b) => a - b),
    usesOven: inOven !== undefined,
    usesPan: firstPan !== -1,
    air:
      airs.length === 0 || inOven?.air === undefined
        ? undefined
        : { over: mean(airs.map(({ celsius }) => celsius)) - inOven.air, count: airs.length },
    panSeen,
    byClock,
    warming,
  };
};

/** The simulation of a cook in one kitchen, and with one deviation changed at a time. */
export interface CookModel {
  readonly base: TracedRun;
  /** Absent where the step has no effect on this cook. */
  readonly moved: Readonly<Partial<Record<ModelStep, TracedRun>>>;
}

/** Excess of the pan over the requested temperature, if an infrared thermometer and not the clock shows it, K. */
export const measuredPanExcess = ({ panSeen, byClock }: CookData): number | undefined =>
  byClock ? undefined : panSeen?.over;

/** The deviation of a kitchen with these traits from the one this cook's plan was for. */
export const kitchenIn = (read: CookData, traits: LearnedTraits): KitchenDeviation => {
  const { gear, plan } = read.cook;
  const { learned, pan } = plan.request;
  return {
    oven: traits.oven - gear.oven.offset,
    contact: traits.contact / (learned?.contact ?? 1),
    thickness: traits.thickness - (learned?.thickness ?? 0),
    ovenHeat: traits.ovenHeat / (learned?.ovenHeat ?? 1),
    burner: traits.burner / gear.burner.share,
    start: 0,
    pan: measuredPanExcess(read) ?? panExcess(gear, pan, traits.burner),
  };
};

const moved = (kitchen: KitchenDeviation, move: ModelStep): KitchenDeviation => {
  switch (move) {
    case 'pan':
      return { ...kitchen, pan: kitchen.pan + MODEL_STEPS.pan };
    case 'contact':
    case 'ovenHeat':
      return { ...kitchen, [move]: kitchen[move] * Math.exp(MODEL_STEPS[move]) };
    default:
      return { ...kitchen, [move]: kitchen[move] + MODEL_STEPS[move] };
  }
};

/** Simulates a cook in a kitchen with these traits, and its finite differences by each deviation. */
export const cookModel = (read: CookData, traits: LearnedTraits): CookModel => {
  const { cook, legs, pull, moments } = read;
  const { request } = cook.plan;
  const input: RunInput = {
    request,
    legs,
    moments,
    pan: panOnBurner(cook.gear, cook.gear.burner.share),
  };
  const kitchen = kitchenIn(read, traits);
  const correction = sectionCorrection(input, pull, kitchen);
  const run = (at: KitchenDeviation): TracedRun =>
    correction.onto(tracedRun(input, at), moments, pull);
  const tells = (move: ModelStep): boolean =>
    (!['oven', 'ovenHeat'].includes(move) || read.usesOven) &&
    (!['pan', 'contact'].includes(move) || read.usesPan);
  return {
    base: run(kitchen),
    moved: Object.fromEntries(
      MOVED.filter(tells).map((move) => [move, run(moved(kitchen, move))] as const),
    ),
  };
};
