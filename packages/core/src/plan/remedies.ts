import { GOLDEN_FROM } from '../doneness';
import { DEFAULT_PAN, hottestPan, type PanOnBurner } from '../gear';
import { PLAN_LIMITS } from './limits';
import type { Obstacle, Remedy } from './planResult';
import { cutOf, type PlanRequest } from './request';
import { solveWay } from './solveWay';
import { usesOven, waysFor } from './way';
import { WayCook } from './wayCook';

/** Steps in which remedies are offered: whole millimetres and five degrees. */
const THICKNESS_STEP = 0.001;
const PAN_STEP = 5;
/** How much thicker a piece is searched for, m. */
const THICKEST_EXTRA = 0.02;

/** An oven as a remedy: in steps of five degrees, and no hotter than this, C. */
const OVEN_STEP = 5;
const HOTTEST_REMEDY = 230;

const ovenOf = ({ way, hotOven, lowOven }: PlanRequest): number =>
  way === 'sear-oven' ? hotOven : lowOven;

const withOven = (request: PlanRequest, air: number): PlanRequest =>
  request.way === 'sear-oven' ? { ...request, hotOven: air } : { ...request, lowOven: air };

/** What is wrong with a request, as far as a remedy goes. */
type Complaint = Obstacle['reason'] | 'pale';

/** Whether a request works: for a pale complaint it must also be golden on both faces. */
export function* works(request: PlanRequest, golden: boolean): Generator<null, boolean> {
  const cook = new WayCook(request);
  const solved = yield* solveWay(cook);
  if (!solved.ok) return false;
  if (!golden) return true;
  const { solver } = cook;
  const other = cutOf(request).skin ? Infinity : solver.browned(1);
  return Math.min(solver.browned(0), other) >= 10 ** GOLDEN_FROM - 1;
}

/**
 * The value nearest to `bad` that works, on a ladder of `step`, by bisection; undefined when not
 * even `far` works.
 */
function* nearestWorking(
  bad: number,
  far: number,
  step: number,
  request: (value: number) => PlanRequest,
  golden: boolean,
): Generator<null, number | undefined> {
  const rung = (i: number): number =>
    Math.round((far + i * Math.sign(bad - far) * step) / step) * step;
  let good = 0;
  let wrong = Math.floor(Math.abs(bad - far) / step + 1e-6);
  if (wrong < 1 || !(yield* works(request(rung(0)), golden))) return undefined;
  while (wrong - good > 1) {
    const middle = Math.floor((good + wrong) / 2);
    if (yield* works(request(rung(middle)), golden)) good = middle;
    else wrong = middle;
  }
  return rung(good);
}

/** What would work instead, each found by planning it. Empty when nothing near does. */
export function* remediesFor(
  request: PlanRequest,
  complaint: Complaint,
  pan: PanOnBurner = DEFAULT_PAN,
): Generator<null, readonly Remedy[]> {
  const remedies: Remedy[] = [];
  const pale = complaint === 'pale';
  const hotter = pale || complaint === 'never';
  if (complaint === 'cool-oven') {
    const air = yield* nearestWorking(
      ovenOf(request),
      HOTTEST_REMEDY,
      OVEN_STEP,
      (value) => withOven(request, value),
      false,
    );
    if (air !== undefined) remedies.push({ kind: 'oven', air });
  }
  for (const way of waysFor(cutOf(request))) {
    if (way !== request.way && (yield* works({ ...request, way }, pale))) {
      remedies.push({ kind: 'way', way });
      break;
    }
  }
  // The oven decides how long it takes: the pan's heat changes nothing that is wrong there.
  if (usesOven(request.way) && !pale && complaint !== 'over') return remedies;

  const heat = yield* nearestWorking(
    request.pan,
    hotter ? Math.floor((hottestPan(pan) - 1) / PAN_STEP) * PAN_STEP : PLAN_LIMITS.pan.least,
    PAN_STEP,
    (value) => ({ ...request, pan: value }),
    pale,
  );
  if (heat !== undefined) remedies.push({ kind: 'pan', pan: heat });

  const thickness = pale
    ? yield* thickEnough(request)
    : yield* nearestWorking(
        request.thickness,
        0.01,
        THICKNESS_STEP,
        (value) => ({ ...request, thickness: value }),
        false,
      );
  if (thickness !== undefined) remedies.push({ kind: 'thickness', thickness });
  return remedies;
}

/** The least thickness that browns before it is done: a thin piece is done too soon. */
function* thickEnough(request: PlanRequest): Generator<null, number | undefined> {
  for (let more = THICKNESS_STEP; more <= THICKEST_EXTRA + 1e-9; more += THICKNESS_STEP) {
    const thickness = Math.ceil((request.thickness + more) * 1000 - 1e-6) / 1000;
    if (yield* works({ ...request, thickness }, true)) return thickness;
  }
  return undefined;
}
