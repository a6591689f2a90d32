import { browningIndex, dripShare, evenness, greyBand } from '../heat';
import { Lethality } from '../safety';
import type { CookPlan, PlannedLeg, SliceFrame, Slices } from './planResult';
import type { CookEnd } from './stagedCook';
import type { TimedLeg, WayCook } from './wayCook';
import { cutOf } from './request';

/** Points of the curves and frames of the slice over a cook, about. */
const CURVE_POINTS = 160;
const FRAMES = 48;
/** Shortest rest worth the name, s: the juices settle and the board is got ready. */
const SHORTEST_REST = 60;
/** How long after the rest the curve goes on: a share of the rest, and at least, s. */
const AFTERWARDS = 0.35;
const AFTERWARDS_LEAST = 240;
/** Where what harms grows, C: between fridge and hot holding. */
const RANGE = [5, 60] as const;

const round = (value: number, digits: number): number => Number(value.toFixed(digits));

const plannedLeg = (leg: TimedLeg, at: number, core: number): PlannedLeg => {
  const { kind, seconds, flips, heat } = leg;
  return {
    kind,
    at,
    seconds,
    flips,
    core,
    ...('pan' in heat ? { pan: heat.pan } : {}),
    ...('air' in heat ? { air: heat.air } : {}),
  };
};

/** Coldest meat, away from the middle too: along a bone it lags. */
const boneLagOf = ({ solver, request }: WayCook): number | undefined =>
  cutOf(request).bone === undefined || solver.columns === 1
    ? undefined
    : Math.max(0, solver.core - solver.coldest);

interface RecordOptions {
  /** How it ends, where that is known already. */
  readonly end?: CookEnd;
  /** Frames of the slice, about; one gives the first and the last. */
  readonly frames?: number;
}

interface Recorded {
  readonly plan: CookPlan;
  readonly slices: Slices;
}

/** Runs a cook once more through timed legs and keeps what the interface shows of it. */
export const recordLegs = (
  cook: WayCook,
  legs: readonly TimedLeg[],
  { end: known, frames: wanted = FRAMES }: RecordOptions = {},
): Recorded => {
  const { solver, request } = cook;
  const cookSeconds = legs.reduce((sum, { seconds }) => sum + seconds, 0);
  const decides = Math.max(
    0,
    legs.findLastIndex(({ share }) => share > 0),
  );
  const ending = (): CookEnd => {
    cook.reset();
    return cook.endOf(legs);
  };
  const end = known ?? ending();
  const restSeconds = Math.max(SHORTEST_REST, Math.ceil(end.peakAfter / 30) * 30);

  const time: number[] = [];
  const core: number[] = [];
  const surface: number[] = [];
  const frames: SliceFrame[] = [];
  const planned: PlannedLeg[] = [];
  const lethality = new Lethality();
  const afterwards = Math.max(AFTERWARDS_LEAST, AFTERWARDS * restSeconds);
  const whole = cookSeconds + restSeconds + afterwards;
  let inRange = request.temper;
  let last = 0;
  let offset = 0;
  let nextPoint = 0;
  let nextFrame = 0;
  const see = (t: number): boolean => {
    const now = offset + t;
    const dt = now - last;
    last = now;
    lethality.follow(solver.coldest, dt);
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
  for (const leg of legs) {
    cook.runLeg(leg, see);
    planned.push(plannedLeg(leg, offset, solver.core));
    offset += leg.seconds;
  }
  const doneCore = solver.core;
  const boneLag = boneLagOf(cook);
  cook.rest(restSeconds, see);
  nextFrame = 0;
  see(restSeconds);
  const judged = {
    sliceCore: solver.core,
    browning: [browningIndex(solver.browned(0)), browningIndex(solver.browned(1))] as const,
    crust: [solver.crust(0), solver.crust(1)] as const,
    greyBand: greyBand(solver),
    evenness: evenness(solver, end.peak),
    evaporated: solver.evaporatedShare,
    drip: dripShare(solver),
    lethality: lethality.logs,
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
      stoveSeconds: legs.reduce((sum, leg) => sum + (leg.kind === 'oven' ? 0 : leg.seconds), 0),
      pullAt: pull.at + pull.seconds,
      turns: planned.flatMap((leg) => leg.flips.map((flip) => leg.at + flip)),
      pullCore: pull.core,
      doneCore,
      peakCore: end.peak,
      peakAfter: end.peakAfter,
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

/** Records a cook with its unknown at `value`. */
export const recordPlan = (cook: WayCook, value: number, options?: RecordOptions): Recorded =>
  recordLegs(cook, cook.timedLegs(value), options);
