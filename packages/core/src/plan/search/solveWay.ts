import { findCrossing, type Crossing } from '../../maths/findCrossing';
import { LONGEST_OVEN, LONGEST_PAN } from '../legs/longest';
import { ovenAir } from '../request/ovenAir';
import type { Obstacle } from '../legs/planResult';
import { usesOven } from '../request/way';
import type { PlanRequest } from '../request/request';
import type { MethodSimulator, SimulationRun } from '../legs/methodSimulator';

/** Tolerance of the peak in one dimension, K: the section corrects it. */
const PEAK_TOLERANCE = 0.1;
/** Least difference of two ends for a slope between them, K: nearer ends differ by single turns. */
const SLOPE_SPAN = 0.4;
/**
 * If the first sears are still free, an unknown of zero can end hotter than a longer one: a wet face sears for
 * minutes, one that was dried in the oven for one. Shares of the first guess at which a cooler end is searched.
 */
const DIP_SHARES = [0.15, 0.3, 0.5, 0.75, 1, 1.4] as const;

export type WaySolution =
  | {
      readonly ok: true;
      readonly run: SimulationRun;
      /** Derivative of the peak with respect to the unknown there, K/s. */
      readonly slope: number;
    }
  | { readonly ok: false; readonly obstacle: Obstacle };

export const refused = (obstacle: Obstacle): WaySolution & { readonly ok: false } => ({
  ok: false,
  obstacle,
});

/** The longest the unknown of a request's way may be, s. */
export const longestOf = ({ way }: PlanRequest): number =>
  usesOven(way) ? LONGEST_OVEN : LONGEST_PAN;

/** The obstacle of a core that stays under its target however long the unknown lasts. */
export const tooCool = (request: PlanRequest, highest: Crossing): Obstacle => {
  const air = ovenAir(request);
  return air === undefined
    ? { reason: 'never', highest: highest.y, seconds: highest.x }
    : { reason: 'cool-oven', air, highest: highest.y };
};

/** A first guess: heat reaches the middle in about L^2 / (9 a); an oven's air is slower. */
const firstGuess = (request: PlanRequest): number => {
  const { thickness } = request;
  const reach = (thickness * thickness) / (9 * 1.4e-7);
  const air = ovenAir(request);
  return air === undefined ? reach : (reach * 250) / air;
};

/** The slope from a run to the one whose end is nearest to it, but not too near, K/s. */
const slopeFrom = ({ value, end }: SimulationRun, runs: Iterable<SimulationRun>): number => {
  let slope = NaN;
  let nearest = Infinity;
  for (const other of runs) {
    const away = Math.abs(other.end.reached - end.reached);
    if (away < SLOPE_SPAN || away >= nearest) continue;
    nearest = away;
    slope = (other.end.reached - end.reached) / (other.value - value);
  }
  return slope;
};

/**
 * Finds the duration, s, at which the core peaks at the target; each sear lasts as long as its crust needs. If two
 * durations do, it returns the longer one. It yields before every run, so that a stale search can be dropped.
 * @param guess a value to start from, s
 */
export function* solveWay(cook: MethodSimulator, guess?: number): Generator<null, WaySolution> {
  const { request } = cook;
  const goal = request.target;
  if (goal <= request.start) return refused({ reason: 'warm', start: request.start });
  const most = longestOf(request);
  const first = Math.min(guess ?? firstGuess(request), most);
  const runs = new Map<number, SimulationRun>();
  const peakAt = (value: number): number => {
    const run = cook.run(value);
    runs.set(value, run);
    return run.end.reached;
  };
  yield null;
  let low: Crossing = { x: 0, y: peakAt(0) };
  if (low.y >= goal && cook.searsLater) {
    for (const share of DIP_SHARES) {
      yield null;
      const x = share * first;
      const y = peakAt(x);
      if (y < low.y) low = { x, y };
      if (y < goal) break;
    }
  }
  if (low.y >= goal) return refused({ reason: 'over', lowest: low.y });
  let high: Crossing = { x: Math.min(Math.max(first, 1.5 * low.x), most), y: 0 };
  for (;;) {
    yield null;
    high = { x: high.x, y: peakAt(high.x) };
    if (high.y >= goal) break;
    if (high.x >= most) return refused(tooCool(request, high));
    low = high;
    high = { x: Math.min(high.x * 1.5, most), y: 0 };
  }
  const { x } = yield* findCrossing(peakAt, goal, low, high, PEAK_TOLERANCE);
  const run = runs.get(x) ?? cook.run(x);
  return { ok: true, run, slope: slopeFrom(run, runs.values()) };
}
