import { findCrossing, type Crossing } from '../../maths/findCrossing';
import type { PullWindow } from '../legs/planResult';

/** The end may be this far from the target for the pull to count as in time, K. */
export const WINDOW_KELVIN = 1.5;
/** The window is found to this much of the end temperature, K. */
const TOLERANCE = 0.05;
/** No wider than this is asked, s: beyond it the cook may take any time. */
const WIDEST = 1800;

/**
 * Range of the pull, s early and late, in which the core's peak is within 1.5 C of the target.
 * @param peakAt the core's peak, C, for a pull at these seconds
 * @param at seconds whose peak is the target
 * @param lowest the peak for a pull at once, C
 */
export function* windowAbout(
  peakAt: (seconds: number) => number,
  target: number,
  at: number,
  lowest: number,
): Generator<null, PullWindow> {
  const here: Crossing = { x: at, y: target };
  let early = at;
  if (target - WINDOW_KELVIN > lowest) {
    const lower: Crossing = { x: 0, y: lowest };
    const found = yield* findCrossing(peakAt, target - WINDOW_KELVIN, lower, here, TOLERANCE);
    early = at - found.x;
  }
  let high: Crossing = { x: at + Math.max(10, early), y: 0 };
  for (;;) {
    yield null;
    high = { x: high.x, y: peakAt(high.x) };
    if (high.y >= target + WINDOW_KELVIN || high.x > at + WIDEST) break;
    high = { x: at + 2 * (high.x - at), y: 0 };
  }
  if (high.y < target + WINDOW_KELVIN) return { early, late: WIDEST };
  const found = yield* findCrossing(peakAt, target + WINDOW_KELVIN, here, high, TOLERANCE);
  return { early, late: found.x - at };
}
