import { boneIn } from '../../food';
import { atPlace, browningIndex, drippedShare, evenness, greyBand, readingBand } from '../../heat';
import { carvingAfter } from '../legs/carving';
import type { CookEnd } from '../legs/cookEnd';
import { CookRecording, type RecordingSpacing } from '../legs/cookRecording';
import type { CookPlan, Slices } from '../legs/planResult';
import { inAPan } from '../legs/ovenLegs';
import { cutOf, type PlanRequest } from '../request/request';
import type { TimedLeg } from '../legs/timedLeg';
import type { Ending, MethodSimulator, SimulationRun } from '../legs/methodSimulator';

/** Approximate number of points of the curves and of frames of the slice over a cook. */
const CURVE_POINTS = 160;
const FRAMES = 48;
/** Shortest rest advised, s. */
const SHORTEST_REST = 60;
/** Length of the curve after the rest, as a fraction of the rest, and its least length, s. */
const AFTERWARDS = 0.35;
const AFTERWARDS_LEAST = 240;

export interface RecordedPlan {
  readonly plan: CookPlan;
  readonly slices: Slices;
}

const lengthOf = (legs: readonly TimedLeg[]): number =>
  legs.reduce((sum, { seconds }) => sum + seconds, 0);

/** Rest advised: until a whole piece is carved, of others until the peak. */
export const restOf = (request: PlanRequest, { peakAfter }: CookEnd): number =>
  carvingAfter(request) ?? Math.max(SHORTEST_REST, Math.ceil(peakAfter / 30) * 30);

/** The peak up to the carving, and the later one of a piece that is carved before it. */
const peaksOf = ({ reached, reachedAfter, peak, peakAfter }: CookEnd) =>
  peakAfter <= reachedAfter
    ? { peakCore: peak, peakAfter }
    : {
        peakCore: reached,
        peakAfter: reachedAfter,
        laterPeak: { celsius: peak, after: peakAfter },
      };

const afterRest = (restSeconds: number): number =>
  Math.max(AFTERWARDS_LEAST, AFTERWARDS * restSeconds);

const decidingLeg = (legs: readonly TimedLeg[]): number =>
  Math.max(
    0,
    legs.findLastIndex(({ unknownShare: share }) => share > 0),
  );

/**
 * Resolution of the recording of a cook that will resemble a known one.
 * @param frames approximate number of frames of the slice; one gives the first and the last
 */
export const spacingFor = (
  request: PlanRequest,
  { legs, end }: Pick<SimulationRun, 'legs' | 'end'>,
  frames = FRAMES,
): RecordingSpacing => {
  const rest = restOf(request, end);
  const whole = lengthOf(legs) + rest + afterRest(rest);
  return { points: whole / CURVE_POINTS, frames: whole / frames, decides: decidingLeg(legs) };
};

/** Coldest meat, away from the middle too: along a bone it lags. */
const boneLagOf = ({ solver, request }: MethodSimulator): number | undefined =>
  cutOf(request).bone === undefined || solver.columns === 1
    ? undefined
    : Math.max(0, solver.core - solver.coldest);

/** Peak temperature of the meat that was heated least, the rim included, C. */
const coldestPeakOf = ({ solver }: MethodSimulator): number =>
  [...solver.meat.innerCells, ...solver.meat.rimCells].reduce(
    (least, cell) => Math.min(least, solver.peak[cell]),
    Infinity,
  );

/** A field of the smaller muscle's middle, where the piece has one and is solved whole. */
const smallerMuscle = (
  { solver, request }: MethodSimulator,
  field: Float64Array,
): number | undefined => {
  if (solver.columns === 1) return undefined;
  const across = solver.section.widths.reduce((sum, width) => sum + width, 0);
  const beyond = boneIn(cutOf(request), across)?.beyond ?? 0;
  return beyond === 0 ? undefined : atPlace(solver, field, across - beyond / 2);
};

export interface RecordOptions {
  /** End of the cook, if a run has computed it: it determines the resolution of the recording. */
  readonly end?: CookEnd | undefined;
  /** Frames of the slice, about; one gives the first and the last. */
  readonly frames?: number | undefined;
  /** Rest before slicing, s; default: until the peak of the core. */
  readonly rest?: number | undefined;
}

/** Simulates a cook through timed legs once more, and records it for the interface. */
export const recordLegs = (
  cook: MethodSimulator,
  legs: readonly TimedLeg[],
  { end, frames, rest }: RecordOptions = {},
): RecordedPlan => {
  const { solver, request } = cook;
  cook.reset();
  const known = end ?? cook.endOf(legs);
  cook.reset();
  cook.recordWith(
    new CookRecording(solver, request, spacingFor(request, { legs, end: known }, frames)),
  );
  return recorded(cook, legs, cook.endingOf(legs), rest);
};

/** Recording of a run for the interface, from a cook whose runs are recorded. */
export const recordRun = (cook: MethodSimulator, run: SimulationRun): RecordedPlan =>
  recorded(cook, run.legs, run);

/** Rests a recorded cook as long as is advised, and judges it. */
const recorded = (
  cook: MethodSimulator,
  legs: readonly TimedLeg[],
  { end, toRest }: Ending,
  restSeconds = restOf(cook.request, end),
): RecordedPlan => {
  const { solver, request } = cook;
  const decides = decidingLeg(legs);
  const cookSeconds = lengthOf(legs);
  if (toRest) cook.restore(toRest);
  const { recorded: recording } = cook;
  if (recording === undefined) throw new Error('the cook was not recorded');
  const doneCore = solver.core;
  const doneReading = readingBand(solver, request.stem);
  const boneLag = boneLagOf(cook);
  const smallerDone = smallerMuscle(cook, solver.temperature);
  cook.rest(restSeconds);
  const smallerPeak = smallerMuscle(cook, solver.peak);
  recording.takeLastFrame(cookSeconds + restSeconds);
  const [lethality, rimLethality] = recording.lethality;
  const judged = {
    sliceCore: solver.core,
    coldestPeak: coldestPeakOf(cook),
    browning: [browningIndex(solver.browned(0)), browningIndex(solver.browned(1))] as const,
    crust: [solver.crust(0), solver.crust(1)] as const,
    greyBand: greyBand(solver),
    evenness: evenness(solver, end.reached),
    evaporated: solver.evaporatedShare,
    dripped: drippedShare(solver),
    lethality,
    rimLethality,
    readings: {
      pull: recording.pullReading,
      done: doneReading,
      slice: readingBand(solver, request.stem),
    },
    inRange: request.temper + recording.inRange,
  };
  cook.rest(afterRest(restSeconds));
  const { heights, widths, shape } = solver.section;
  const { planned, frames, trace } = recording;
  const pull = planned[decides];
  return {
    plan: {
      request,
      legs: planned,
      cookSeconds,
      stoveSeconds: lengthOf(legs.filter(inAPan)),
      pullAt: pull.at + pull.seconds,
      turns: planned.flatMap((leg) => leg.flips.map((flip) => leg.at + flip)),
      pullCore: pull.core,
      doneCore,
      ...peaksOf(end),
      restSeconds,
      ...judged,
      ...(boneLag === undefined ? {} : { boneLag }),
      ...(smallerDone === undefined || smallerPeak === undefined
        ? {}
        : { smaller: { done: smallerDone, peak: smallerPeak } }),
      ...(recording.hold === undefined ? {} : { hold: recording.hold }),
      trace,
    },
    slices: {
      cells: {
        heights: Array.from(heights),
        widths: Array.from(widths),
        whole: shape.kind === 'slab' || shape.kind === 'rolled' || solver.section.openLeft,
        ...(shape.kind === 'rolled' ? { rolled: true as const } : {}),
      },
      frames,
    },
  };
};
