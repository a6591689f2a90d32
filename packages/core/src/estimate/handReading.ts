import type { StemSide } from '../heat';

/** How a cook put the thermometer in for one reading. */
export interface HandPlacing {
  readonly stem: StemSide;
  /** m, of the whole piece. */
  readonly thickness: number;
  /** The lowest of three tries was written down. */
  readonly lowest: boolean;
}

/**
 * How far off the middle a hand's tip lies, m: nearest and furthest of a usual placing. The lowest of
 * three is about as near as the nearest of one. A stem from the side is easily held level. Estimates.
 */
const OFF = { least: 0.002, most: 0.005 } as const;
const LOWEST = { least: 0, most: 0.002 } as const;
const SIDE_SHARE = 1 / 3;

/** Steps of the depths that runs keep, shares of half the thickness: see `PROBE_DEPTHS`. */
const STEPS = 10;

/** What runs have so far off the middle, C: the mean of above and below it, as often the one as the other. */
const atOff = (seen: (depth: number) => number, off: number, thickness: number): number => {
  const at = Math.min(STEPS, (off / (thickness / 2)) * STEPS);
  const inner = Math.min(STEPS - 1, Math.floor(at));
  const mean = (step: number): number =>
    step === 0 ? seen(0) : (seen(2 * step - 1) + seen(2 * step)) / 2;
  return mean(inner) + (at - inner) * (mean(inner + 1) - mean(inner));
};

/** What a thermometer that is put in anew should show, and the deviation its placing gives it, C. */
export interface HandReading {
  readonly expected: number;
  readonly spread: number;
}

/**
 * A reading by hand, placed anew each time: not at one depth that a fit could learn, but anywhere a
 * cook's tip usually lies.
 * @param seen what the run has at the nth of `PROBE_DEPTHS`
 */
export const handReading = (
  seen: (depth: number) => number,
  { stem, thickness, lowest }: HandPlacing,
): HandReading => {
  const { least, most } = lowest ? LOWEST : OFF;
  const share = stem === 'side' ? SIDE_SHARE : 1;
  const near = atOff(seen, least * share, thickness);
  const far = atOff(seen, most * share, thickness);
  return { expected: (near + far) / 2, spread: Math.abs(far - near) / 2 };
};
