import { findCrossing, type Crossing } from '../../maths/findCrossing';
import type { MethodSimulator, SimulationRun } from '../legs/methodSimulator';

/** Tolerance of the displayed peak, K. In a slow oven a tenth of a degree is a minute. */
export const SHOWN_WITHIN = 0.04;
/** A tolerance that is more than this share of the whole time does not settle it. */
const FLAT_SHARE = 0.002;
/** Share of the time, in both directions, over which the end is averaged, and the places of the runs. */
const AVERAGED_SHARE = 0.13;
const PLACES: readonly number[] = [-1, -0.5, 0, 0.5, 1];
/** Largest number of line fits; the fit is repeated if its root lies outside this share of its range. */
const MOST_AVERAGINGS = 6;
const CLOSE_ENOUGH = 0.1;
/** If the average differs from the end itself by more than this, K, the end is used. */
const AVERAGE_WITHIN = 0.25;

/** True if the end hardly depends on the time: a face that dries longer is seared less. */
export const isFlat = ({ legs }: SimulationRun, slope: number): boolean => {
  const seconds = legs.reduce((sum, leg) => sum + leg.seconds, 0);
  return !(slope * FLAT_SHARE * seconds > SHOWN_WITHIN);
};

/** A search about a flat end: the section, its guide in one dimension, the target, C, and the longest time, s. */
export interface FlatSearch {
  readonly cook: MethodSimulator;
  readonly guide: MethodSimulator;
  readonly goal: number;
  readonly most: number;
}

/** A line over the places: its value in the middle, C, and its rise to the last place, K. */
interface EndLine {
  readonly middle: number;
  readonly rise: number;
}

const PLACES_SQUARED = PLACES.reduce((sum, place) => sum + place * place, 0);

/** Line through the guide's ends about a value. */
function* guidedLine(
  guide: MethodSimulator,
  value: number,
  half: number,
): Generator<null, EndLine> {
  let middle = 0;
  let rise = 0;
  for (const place of PLACES) {
    yield null;
    const { reached } = guide.run(value + place * half).end;
    middle += reached / PLACES.length;
    rise += (place * reached) / PLACES_SQUARED;
  }
  return { middle, rise };
}

/** The section's end over the guide's, as a line through a run and the two ends of its range. */
function* overGuide(
  { cook, guide }: FlatSearch,
  run: SimulationRun,
  half: number,
): Generator<null, EndLine> {
  const overAt = ({ value, end }: SimulationRun): number =>
    end.reached - guide.run(value).end.reached;
  yield null;
  const before = overAt(cook.run(run.value - half));
  yield null;
  const after = overAt(cook.run(run.value + half));
  return { middle: (before + overAt(run) + after) / 3, rise: (after - before) / 2 };
}

/**
 * If the end is flat, some hundredths of a degree are minutes, and the root would jump with every change of the
 * request. A time from a local line fit moves smoothly; it is used unless its own end is outside the tolerance. The
 * fit is the guide's, with the section's difference from it, which is nearly a line.
 */
function* averaged(search: FlatSearch, run: SimulationRun): Generator<null, SimulationRun> {
  const { cook, guide, goal, most } = search;
  const half = Math.min(AVERAGED_SHARE * run.value, most - run.value);
  if (half <= 0) return run;
  const over = yield* overGuide(search, run, half);
  let { value } = run;
  for (let i = 0; i < MOST_AVERAGINGS; i += 1) {
    const guided = yield* guidedLine(guide, value, half);
    const middle = guided.middle + over.middle + (over.rise * (value - run.value)) / half;
    const rise = guided.rise + over.rise;
    if (rise <= 0) return run;
    const by = ((goal - middle) / rise) * half;
    value = Math.min(most - half, Math.max(half, value + by));
    if (Math.abs(by) <= CLOSE_ENOUGH * half) break;
  }
  yield null;
  const found = cook.run(value);
  return Math.abs(found.end.reached - goal) <= AVERAGE_WITHIN ? found : run;
}

/** Shares of the first root at which a later root is searched; a shorter one is not expected. */
const LATER = [0.12, 0.25, 0.4, 0.6, 0.85] as const;
const LEAST_COUNTED = 300;
/** An end that is under the target by less is the same end, K. */
const DIP = 0.02;

/** The guide's difference from the section changes by less than this where the section is not simulated, K. */
const GUIDE_SHIFTS = 0.3;

/**
 * The later of two times that meet the target, with a dip of the end between them; undefined if there is one. The
 * section is simulated only if the guide's end comes near to a dip.
 */
function* findLaterRoot(
  { cook, guide, goal, most }: FlatSearch,
  { value, end }: SimulationRun,
): Generator<null, SimulationRun | undefined> {
  const runs = new Map<number, SimulationRun>();
  const peakAt = (x: number): number => {
    const run = cook.run(x);
    runs.set(x, run);
    return run.end.reached;
  };
  const places = LATER.map((share) =>
    Math.min(most, value + share * Math.max(value, LEAST_COUNTED)),
  );
  const shift = end.reached - guide.run(value).end.reached;
  let dips = false;
  for (const x of places) {
    yield null;
    dips ||= guide.run(x).end.reached + shift < goal - DIP + GUIDE_SHIFTS;
  }
  if (!dips) return undefined;
  let low: Crossing | undefined;
  for (const x of places) {
    yield null;
    const y = peakAt(x);
    if (y < goal - DIP) low = { x, y };
    else if (low) {
      const found = yield* findCrossing(peakAt, goal, low, { x, y }, SHOWN_WITHIN);
      return runs.get(found.x) ?? cook.run(found.x);
    }
  }
  return undefined;
}

/** The time of a way whose end is flat: the later of two, and what is right on the average about it. */
export function* solveFlatPeak(
  search: FlatSearch,
  run: SimulationRun,
): Generator<null, SimulationRun> {
  const later = yield* findLaterRoot(search, run);
  return yield* averaged(search, later ?? run);
}
