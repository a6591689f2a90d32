/** Root of a rising function, and its value there. */
export interface Crossing {
  readonly x: number;
  readonly y: number;
}

/**
 * Finds x in [low, high] with f(x) = goal for a continuous f with f(low) < goal <= f(high), by
 * false position with the Illinois correction. A generator: it yields before every evaluation, so
 * that a stale search can be dropped.
 * @param tolerance on y
 */
export function* findCrossing(
  f: (x: number) => number,
  goal: number,
  low: Crossing,
  high: Crossing,
  tolerance: number,
): Generator<null, Crossing> {
  let a = low;
  let b = high;
  let ya = a.y - goal;
  let yb = b.y - goal;
  let moved: 'low' | 'high' | undefined;
  let best = Math.abs(ya) < Math.abs(yb) ? a : b;
  for (let i = 0; i < 40 && Math.abs(best.y - goal) > tolerance; i += 1) {
    yield null;
    const x = yb === ya ? (a.x + b.x) / 2 : (a.x * yb - b.x * ya) / (yb - ya);
    const at = { x, y: f(x) };
    const y = at.y - goal;
    // Illinois method: the residual of an end that is retained twice is halved, so that both ends move.
    if (y < 0) {
      a = at;
      ya = y;
      if (moved === 'low') yb /= 2;
      moved = 'low';
    } else {
      b = at;
      yb = y;
      if (moved === 'high') ya /= 2;
      moved = 'high';
    }
    if (Math.abs(y) < Math.abs(best.y - goal)) best = at;
    if (Math.abs(b.x - a.x) < 1e-3) break;
  }
  return best;
}
