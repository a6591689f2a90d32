import {
  browningIndex,
  dripShare,
  evenness,
  greyBand,
  readingBand,
  readingOf,
  USUAL_THERMOMETER,
  type Observer,
} from '../heat';
import { Lethality } from '../safety';
import type { CookPlan, PlannedLeg, SliceFrame, Slices } from './planResult';
import type { CookEnd } from './cookEnd';
import type { TimedLeg } from './timedLeg';
import type { Leg } from './legs';
import type { WayCook, WayRun } from './wayCook';
import { cutOf } from './request';

/** About so many points of the curves and frames of the slice over a cook. */
const CURVE_POINTS = 160;
const FRAMES = 48;
/** Shortest rest advised, s. */
const SHORTEST_REST = 60;
/** The curve continues after the rest by this fraction of it, and at least this, s. */
const AFTERWARDS = 0.35;
const AFTERWARDS_LEAST = 240;
/** Where what harms grows, C: between fridge and hot holding. */
const RANGE = [5, 60] as const;

const round = (value: number, digits: number): number => Number(value.toFixed(digits));

/** @param floor the iron under the piece before it was turned or taken off, C */
const plannedLeg = (
  leg: TimedLeg,
  at: number,
  { solver, request }: WayCook,
  floor: number | undefined,
): PlannedLeg => {
  const { kind, seconds, flips, heat, gear, cutShort } = leg;
  return {
    kind,
    at,
    seconds,
    flips,
    core: solver.core,
    coldest: solver.coldest,
    rim: solver.rim,
    reading: readingOf(solver, { ...USUAL_THERMOMETER, from: request.stem }),
    ...(floor === undefined ? {} : { floor }),
    ...(Object.keys(gear).length > 0 ? { gear } : {}),
    ...('pan' in heat ? { pan: heat.pan } : {}),
    ...('air' in heat ? { air: heat.air } : {}),
    ...(cutShort ? { cutShort } : {}),
  };
};

/** Coldest meat, away from the middle too: along a bone it lags. */
const boneLagOf = ({ solver, request }: WayCook): number | undefined =>
  cutOf(request).bone === undefined || solver.columns === 1
    ? undefined
    : Math.max(0, solver.core - solver.coldest);

export interface RecordOptions {
  /** How it ends, where a run has told that already: its rest decides when it is sliced. */
  readonly end?: CookEnd | undefined;
  /** Frames of the slice, about; one gives the first and the last. */
  readonly frames?: number | undefined;
}

export interface RecordedPlan {
  readonly plan: CookPlan;
  readonly slices: Slices;
}

/** Cooks one leg after those that were made, seen by `watch`, and says how long it took. */
type CookLeg<L> = (leg: L, made: readonly TimedLeg[], watch: Observer) => TimedLeg;

/** Runs a cook once more through timed legs and keeps what the interface shows of it. */
export const recordLegs = (
  cook: WayCook,
  legs: readonly TimedLeg[],
  { end: known, frames }: RecordOptions = {},
): RecordedPlan => {
  const ending = (): CookEnd => {
    cook.reset();
    return cook.endOf(legs);
  };
  const run: CookLeg<TimedLeg> = (leg, _made, watch) => {
    cook.runLeg(leg, watch);
    return leg;
  };
  return record(cook, legs, run, { expected: legs, end: known ?? ending(), frames });
};

/**
 * Runs a cook with its unknown at `value`, each sear as long as its crust wants, and keeps what the
 * interface shows of it.
 * @param near a run close to it: its rest decides when the piece is sliced
 */
export const recordRun = (
  cook: WayCook,
  value: number,
  near: WayRun,
  frames?: number | undefined,
): RecordedPlan => {
  const run: CookLeg<Leg> = (leg, made, watch) => cook.cookLeg(leg, value, made, watch);
  return record(cook, cook.legs, run, { expected: near.legs, end: near.end, frames });
};

interface Expected extends RecordOptions {
  /** How long the legs will take, about: the curve's points are spread over it. */
  readonly expected: readonly TimedLeg[];
  readonly end: CookEnd;
}

const lengthOf = (legs: readonly TimedLeg[]): number =>
  legs.reduce((sum, { seconds }) => sum + seconds, 0);

const record = <L extends Leg>(
  cook: WayCook,
  legs: readonly L[],
  cookLeg: CookLeg<L>,
  { expected, end, frames: wanted = FRAMES }: Expected,
): RecordedPlan => {
  const { solver, request } = cook;
  const decides = Math.max(
    0,
    legs.findLastIndex(({ unknownShare: share }) => share > 0),
  );
  const restSeconds = Math.max(SHORTEST_REST, Math.ceil(end.peakAfter / 30) * 30);
  /** The core's peak after the pull as this very run has it. */
  let peakCore = -Infinity;
  let peakAt = 0;
  let pulledAt = Infinity;

  const time: number[] = [];
  const core: number[] = [];
  const surface: number[] = [];
  const frames: SliceFrame[] = [];
  const planned: PlannedLeg[] = [];
  const lethality = new Lethality();
  const rimLethality = new Lethality();
  const afterwards = Math.max(AFTERWARDS_LEAST, AFTERWARDS * restSeconds);
  const whole = lengthOf(expected) + restSeconds + afterwards;
  let inRange = request.temper;
  let last = 0;
  let offset = 0;
  let nextPoint = 0;
  let nextFrame = 0;
  let floor: number | undefined;
  const see = (t: number): boolean => {
    floor = cook.floor;
    const now = offset + t;
    const dt = now - last;
    last = now;
    if (now > pulledAt && solver.core > peakCore) {
      peakCore = solver.core;
      peakAt = now;
    }
    lethality.follow(solver.coldest, dt);
    rimLethality.follow(solver.rim, dt);
    if (solver.coldest > RANGE[0] && solver.coldest < RANGE[1]) inRange += dt;
    if (now >= nextPoint) {
      time.push(round(now, 1));
      core.push(round(solver.core, 2));
      surface.push(round(solver.temperature[solver.section.middle * solver.rows], 1));
      nextPoint = now + whole / CURVE_POINTS;
    }
    if (now >= nextFrame) {
      frames.push({
        time: round(now, 1),
        peak: Float32Array.from(solver.peak),
        browning: [
          round(browningIndex(solver.browned(0)), 3),
          round(browningIndex(solver.browned(1)), 3),
        ],
      });
      nextFrame = now + whole / wanted;
    }
    return false;
  };
  cook.reset();
  see(0);
  const made: TimedLeg[] = [];
  let pullReading = readingBand(solver, request.stem);
  legs.forEach((leg, i) => {
    const timed = cookLeg(leg, made, see);
    made.push(timed);
    planned.push(plannedLeg(timed, offset, cook, floor));
    offset += timed.seconds;
    if (i === decides) {
      pulledAt = offset;
      pullReading = readingBand(solver, request.stem);
      if (i === legs.length - 1) [peakCore, peakAt] = [solver.core, offset];
    }
  });
  const cookSeconds = offset;
  const doneCore = solver.core;
  const doneReading = readingBand(solver, request.stem);
  const boneLag = boneLagOf(cook);
  cook.rest(restSeconds, see);
  nextFrame = 0;
  see(restSeconds);
  const judged = {
    sliceCore: solver.core,
    browning: [browningIndex(solver.browned(0)), browningIndex(solver.browned(1))] as const,
    crust: [solver.crust(0), solver.crust(1)] as const,
    greyBand: greyBand(solver),
    evenness: evenness(solver, peakCore),
    evaporated: solver.evaporatedShare,
    drip: dripShare(solver),
    lethality: lethality.logs,
    rimLethality: rimLethality.logs,
    readings: {
      pull: pullReading,
      done: doneReading,
      slice: readingBand(solver, request.stem),
    },
    inRange,
  };
  offset = cookSeconds + restSeconds;
  nextFrame = Infinity;
  cook.rest(afterwards, see);
  const { heights, widths, shape } = solver.section;
  const pull = planned[decides];
  return {
    plan: {
      request,
      legs: planned,
      cookSeconds,
      stoveSeconds: lengthOf(made.filter(({ kind }) => kind !== 'oven')),
      pullAt: pull.at + pull.seconds,
      turns: planned.flatMap((leg) => leg.flips.map((flip) => leg.at + flip)),
      pullCore: pull.core,
      doneCore,
      peakCore,
      peakAfter: peakAt - cookSeconds,
      restSeconds,
      ...judged,
      ...(boneLag === undefined ? {} : { boneLag }),
      trace: { time, core, surface },
    },
    slices: {
      cells: {
        heights: Array.from(heights),
        widths: Array.from(widths),
        whole: shape.kind === 'slab' || solver.section.openLeft,
      },
      frames,
    },
  };
};
