import { footprint } from '../../food';
import { SEARCH_COLUMNS } from '../../heat';
import type { Crossing } from '../../maths/findCrossing';
import type { PanOnBurner } from '../../gear';
import { isFlat, solveFlatPeak, SHOWN_WITHIN } from './flatEnd';
import type { Obstacle } from '../legs/planResult';
import { spacingFor } from './recordPlan';
import { cutOf, thicknessOf, type PlanRequest } from '../request/request';
import { longestOf, refused, tooCool } from './solveWay';
import { MethodSimulator, type SimulationRun } from '../legs/methodSimulator';

/** Tolerance of an end after several runs, K: the error of the solver's steps. */
const STILL_SHOWN = 0.1;
const EAGER_RUNS = 3;
/** Most runs of a search: one that needs more has met a discontinuity of the model and is refused. */
const MOST_RUNS = 12;
/** A slope seen on the section is believed within this factor of the flat piece's. */
const SLOPE_FACTOR = 3;
/**
 * Columns for a steep edge: seared edges, a bone along one, and pieces nearly as thick as wide; for round ones, with
 * an edge all round, at a smaller thickness.
 */
const STEEP_COLUMNS = 16;
/** Of a whole piece whose edges are not seared: it is thick for its width but changes slowly. */
const WHOLE_COLUMNS = 12;
const STOUT = { long: 0.5, round: 0.4 } as const;

/** The unknown on the section, whose core peaks at the target; the cook is recorded. */
export interface SectionSolution {
  readonly cook: MethodSimulator;
  readonly run: SimulationRun;
  /** Derivative of the peak with respect to the unknown, K/s. */
  readonly slope: number;
}

export interface RefineOptions {
  /** The request in one dimension: near a flat end its ends stand in for the section's. */
  readonly guide: MethodSimulator;
  readonly pan?: PanOnBurner;
  /** Columns of the section; default: enough for the core. */
  readonly columns?: number;
  /** Approximate number of frames of the slice; default: enough for scrubbing. */
  readonly frames?: number | undefined;
}

export type SectionResult =
  ({ readonly ok: true } & SectionSolution) | { readonly ok: false; readonly obstacle: Obstacle };

/** Columns that tell a request's core to a few tenths of a degree. */
export const searchColumns = (request: PlanRequest): number => {
  const thickness = thicknessOf(request);
  const cut = cutOf(request);
  if (cut.whole && request.edges === 'none') return WHOLE_COLUMNS;
  const { width } = footprint(cut, request.weight, thickness);
  const stout = STOUT[cut.aspect === 1 ? 'round' : 'long'];
  const steep = request.edges !== 'none' || cut.bone !== undefined || thickness > stout * width;
  return steep ? STEEP_COLUMNS : SEARCH_COLUMNS;
};

/** The slope between two runs, K/s, unless it is nothing like the one expected. */
const believedSlope = (last: Crossing, at: Crossing, expected: number): number | undefined => {
  const seen = (at.y - last.y) / (at.x - last.x);
  return seen > expected / SLOPE_FACTOR && seen < expected * SLOPE_FACTOR ? seen : undefined;
};

/**
 * Root on the section, from the root in one dimension or on fewer columns: a few runs, each corrected by the last
 * slope, and kept inside the bracket.
 */
export function* refineWay(
  request: PlanRequest,
  found: Pick<SectionSolution, 'run' | 'slope'>,
  { guide, pan, columns = searchColumns(request), frames }: RefineOptions,
): Generator<null, SectionResult> {
  const recording = spacingFor(request, found.run, frames);
  const cook = new MethodSimulator(request, { ...(pan ? { pan } : {}), columns, recording });
  const goal = request.target;
  const most = longestOf(request);
  const expected = found.slope;
  let slope = expected;
  let low: Crossing | undefined;
  let high: Crossing | undefined;
  let last: Crossing = { x: NaN, y: NaN };
  let { value } = found.run;
  for (let i = 0; i < MOST_RUNS; i += 1) {
    yield null;
    const run = cook.run(value);
    const at = { x: value, y: run.end.reached };
    slope = believedSlope(last, at, expected) ?? slope;
    last = at;
    const off = Math.abs(at.y - goal);
    if (off <= SHOWN_WITHIN || (i >= EAGER_RUNS && off <= STILL_SHOWN)) {
      const flat = cook.searsLater && isFlat(run, slope);
      const settled = flat ? yield* solveFlatPeak({ cook, guide, goal, most }, run) : run;
      return { ok: true, cook, run: settled, slope };
    }
    if (at.y < goal) {
      if (at.x >= most) return refused(tooCool(request, at));
      low = at;
    } else {
      if (at.x <= 0) return refused({ reason: 'over', lowest: at.y });
      high = at;
    }
    const [least, largest] = [low?.x ?? 0, high?.x ?? most];
    const corrected = slope > 0 ? at.x + (goal - at.y) / slope : NaN;
    // If a correction leaves the bracket, the step bisects it, or tries the end that is not yet tried.
    if (corrected > least && corrected < largest) value = corrected;
    else if (low && high) value = (least + largest) / 2;
    else value = low ? largest : least;
  }
  return refused(tooCool(request, last));
}
