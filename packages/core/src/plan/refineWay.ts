import { footprint } from '../food';
import { SEARCH_COLUMNS } from '../heat';
import type { Crossing } from '../maths/findCrossing';
import type { Obstacle } from './planResult';
import { cutOf, thicknessOf, type PlanRequest } from './request';
import { burntCrust, longestOf, refused, tooCool } from './solveWay';
import { WayCook, type WayCookOptions, type WayRun } from './wayCook';

/**
 * How near the section's peak must come to the target, K. One correction by the slope, not run
 * again here, brings what is left of it under a tenth.
 */
const SECTION_TOLERANCE = 0.6;
/** Most runs of a search: one that needs more has met a discontinuity of the model and is refused. */
const MOST_RUNS = 12;
/** A slope seen on the section is believed within this factor of the flat piece's. */
const SLOPE_FACTOR = 3;
/**
 * Columns where the edge is steep: seared edges, a bone along one, and pieces nearly as thick as they
 * are wide; round ones, whose edge is all round them, sooner.
 */
const STEEP_COLUMNS = 16;
const STOUT = { long: 0.5, round: 0.4 } as const;

/** The unknown on the section: `run` is its last run, `value` one correction beyond it. */
export interface SectionSolution {
  readonly cook: WayCook;
  readonly run: WayRun;
  readonly value: number;
  /** How the peak moves with the unknown, K/s. */
  readonly slope: number;
}

export type SectionResult =
  ({ readonly ok: true } & SectionSolution) | { readonly ok: false; readonly obstacle: Obstacle };

/** Columns that tell a request's core to a few tenths of a degree. */
export const searchColumns = (request: PlanRequest): number => {
  const thickness = thicknessOf(request);
  const cut = cutOf(request);
  const { width } = footprint(cut, request.weight, thickness);
  const stout = STOUT[cut.aspect === 1 ? 'round' : 'long'];
  const steep = request.edges !== 'none' || cut.bone !== undefined || thickness > stout * width;
  return steep ? STEEP_COLUMNS : SEARCH_COLUMNS;
};

/** The slope between two runs, K/s, unless it is nothing like the one expected. */
export const believedSlope = (
  last: Crossing,
  at: Crossing,
  expected: number,
): number | undefined => {
  const seen = (at.y - last.y) / (at.x - last.x);
  return seen > expected / SLOPE_FACTOR && seen < expected * SLOPE_FACTOR ? seen : undefined;
};

/**
 * The unknown on the section, from what one dimension found: a few runs, each corrected by the
 * slope that was seen last, kept between what was too little and what was too much.
 */
export function* refineWay(
  request: PlanRequest,
  found: Pick<SectionSolution, 'run' | 'slope'>,
  options: WayCookOptions,
): Generator<null, SectionResult> {
  const columns = options.columns ?? searchColumns(request);
  const cook = new WayCook(request, { ...options, columns });
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
    const at = { x: value, y: run.end.peak };
    if (at.y < goal) {
      if (at.x >= most) return refused(tooCool(request, at));
      low = at;
    } else {
      if (at.x <= 0) return refused({ reason: 'over', lowest: at.y });
      high = at;
    }
    slope = believedSlope(last, at, expected) ?? slope;
    last = at;
    const [least, largest] = [low?.x ?? 0, high?.x ?? most];
    const corrected = slope > 0 ? at.x + (goal - at.y) / slope : NaN;
    const inside = corrected > least && corrected < largest;
    if (Math.abs(at.y - goal) <= SECTION_TOLERANCE) {
      const burnt = burntCrust(run, request);
      if (burnt) return refused(burnt);
      return { ok: true, cook, run, slope, value: inside ? corrected : at.x };
    }
    // A correction that leaves the bracket is replaced by its middle, or by the end not yet tried.
    if (inside) value = corrected;
    else if (low && high) value = (least + largest) / 2;
    else value = low ? largest : least;
  }
  return refused(tooCool(request, last));
}
