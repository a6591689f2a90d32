import { BURNT_FROM } from '../doneness';
import { browningIndex, SEARCH_COLUMNS } from '../heat';
import { findCrossing, type Crossing } from './findCrossing';
import { LONGEST_PAN } from './longest';
import type { Obstacle } from './planResult';
import { usesOven } from './way';
import type { CookEnd } from './stagedCook';
import { WayCook, type WayCookOptions } from './wayCook';

/** Longest a piece may lie in an oven, s: a working day. */
const LONGEST_OVEN = 8 * 3600;
/** How near the peak must come to the target, K: in one dimension, and on the section. */
const PEAK_TOLERANCE = 0.03;
const SECTION_TOLERANCE = 0.15;
const MOST_CORRECTIONS = 3;

export type Solved =
  | { readonly ok: true; readonly value: number; readonly browning: number }
  | { readonly ok: false; readonly obstacle: Obstacle };

/** Browning of the darker face as the solver stands. */
const darkerFace = ({ solver }: WayCook): number =>
  browningIndex(Math.max(solver.browned(0), solver.browned(1)));

const refused = (obstacle: Obstacle): Solved => ({ ok: false, obstacle });

/** A first guess: heat reaches the middle in about L^2 / (9 a); an oven's air is slower. */
const firstGuess = ({ request }: WayCook): number => {
  const { thickness, way, lowOven, hotOven } = request;
  const reach = (thickness * thickness) / (9 * 1.4e-7);
  if (!usesOven(way)) return reach;
  return (reach * 250) / (way === 'sear-oven' ? hotOven : lowOven);
};

/**
 * Finds the unknown of a way whose core peaks at the target, the sears as long as their crust
 * wants. Yields before every run, so that a stale search can be dropped.
 * @param guess a value to start from, s
 */
export function* solveWay(cook: WayCook, guess?: number): Generator<null, Solved> {
  const { request } = cook;
  const goal = request.target;
  if (goal <= request.start) return refused({ reason: 'warm', start: request.start });
  const oven = usesOven(request.way);
  const most = oven ? LONGEST_OVEN : LONGEST_PAN;
  yield null;
  const none = cook.endAfter(0).peak;
  if (none >= goal) return refused({ reason: 'over', lowest: none });
  let value = guess ?? firstGuess(cook);
  for (let round = 0; round < 2; round += 1) {
    let low: Crossing = { x: 0, y: none };
    let high: Crossing = { x: Math.min(value, most), y: 0 };
    for (;;) {
      yield null;
      high = { x: high.x, y: cook.endAfter(high.x).peak };
      if (high.y >= goal) break;
      if (high.x >= most) {
        return refused(
          oven
            ? { reason: 'cool-oven', air: ovenOf(cook), highest: high.y }
            : { reason: 'never', highest: high.y, seconds: high.x },
        );
      }
      low = high;
      high = { x: Math.min(high.x * 1.5, most), y: 0 };
    }
    const found = yield* findCrossing(
      (x) => cook.endAfter(x).peak,
      goal,
      low,
      high,
      PEAK_TOLERANCE,
    );
    value = found.x;
    if (round === 0 && cook.settleAfter(value) < 1) break;
  }
  // The search leaves the solver at its last trial, which need not be the best: run it again.
  cook.endAfter(value);
  const browning = darkerFace(cook);
  return browning > BURNT_FROM
    ? refused({ reason: 'burns', browning, cookSeconds: value })
    : { ok: true, value, browning };
}

const ovenOf = ({ request }: WayCook): number =>
  request.way === 'sear-oven' ? request.hotOven : request.lowOven;

/**
 * The same unknown on the section, from what one dimension found: a few runs, each corrected by
 * the slope that the flat piece has there.
 */
export function* refineWay(
  flat: WayCook,
  guess: number,
  options: WayCookOptions,
): Generator<null, { readonly cook: WayCook; readonly value: number; readonly end: CookEnd }> {
  yield null;
  const nudge = Math.max(4, guess * 0.04);
  const slope =
    (flat.endAfter(guess + nudge).peak - flat.endAfter(guess - nudge).peak) / (2 * nudge);
  const cook = new WayCook(
    flat.request,
    { ...options, columns: options.columns ?? SEARCH_COLUMNS },
    flat.settledLegs(),
  );
  const goal = flat.request.target;
  let value = guess;
  let rate = slope;
  let end = cook.endAfter(value);
  let last: Crossing | undefined;
  for (let i = 0; ; i += 1) {
    const at = { x: value, y: end.peak };
    if (Math.abs(at.y - goal) <= SECTION_TOLERANCE || i === MOST_CORRECTIONS) break;
    if (last && Math.abs(at.x - last.x) > 1e-6) {
      const seen = (at.y - last.y) / (at.x - last.x);
      if (seen > 0.2 * slope && seen < 5 * slope) rate = seen;
    }
    last = at;
    value = Math.max(0, value + (goal - at.y) / rate);
    yield null;
    end = cook.endAfter(value);
  }
  return { cook, value, end };
}
