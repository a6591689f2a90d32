import type { StemSide } from '../heat';

/** How a cook put the thermometer in for one reading. */
export interface HandPlacing {
  readonly stem: StemSide;
  /** m, of the whole piece. */
  readonly thickness: number;
  /** The lowest of three tries was written down. */
  readonly lowest: boolean;
}

/** A kind of hand: how far off the middle its tip usually lies along the thickness, on either side. */
export interface Hand {
  /** Standard deviation about the middle, m. */
  readonly scatter: number;
  /** How common it is, before any reading. */
  readonly prior: number;
}

/**
 * Hands from exact to careless. Estimates: a tip that was aimed at the middle lies a few millimetres off it. Which of
 * them holds the thermometer is told by the readings themselves: those of an exact hand follow the model's middle.
 */
export const HANDS: readonly Hand[] = [
  { scatter: 0.0005, prior: 0.3 },
  { scatter: 0.002, prior: 0.4 },
  { scatter: 0.004, prior: 0.3 },
];

/** The lowest of three tries lies so much nearer to the middle; a stem from the side is easily held level. Estimates. */
const LOWEST_SHARE = 0.4;
const SIDE_SHARE = 1 / 3;

/** Steps of the depths that runs keep, shares of half the thickness: see `PROBE_DEPTHS`. */
const STEPS = 10;
/** Places off the middle, standard deviations: the means of six parts of a normal distribution that are equally likely. */
const PLACES = [-1.383, -0.674, -0.21, 0.21, 0.674, 1.383] as const;

/** Temperature that a run has so far off the middle, C. @param off m, towards the face that went down first */
const seenAt = (seen: (depth: number) => number, off: number, thickness: number): number => {
  const at = Math.min(STEPS, (Math.abs(off) / (thickness / 2)) * STEPS);
  const inner = Math.min(STEPS - 1, Math.floor(at));
  const of = (step: number): number => seen(step === 0 ? 0 : off > 0 ? 2 * step - 1 : 2 * step);
  return of(inner) + (at - inner) * (of(inner + 1) - of(inner));
};

/** What a thermometer that is put in anew should show, and the deviation its placing gives it, C. */
export interface HandReading {
  readonly expected: number;
  readonly spread: number;
}

/**
 * A reading by hand, placed anew each time: not at one depth that a fit could learn, but about the middle, as a hand of
 * a kind places it.
 * @param seen what the run has at the nth of `PROBE_DEPTHS`
 */
export const handReading = (
  seen: (depth: number) => number,
  { stem, thickness, lowest }: HandPlacing,
  { scatter }: Hand,
): HandReading => {
  const size = scatter * (stem === 'side' ? SIDE_SHARE : 1) * (lowest ? LOWEST_SHARE : 1);
  const shown = PLACES.map((place) => seenAt(seen, place * size, thickness));
  const expected = shown.reduce((sum, celsius) => sum + celsius, 0) / shown.length;
  const square = shown.reduce((sum, celsius) => sum + (celsius - expected) ** 2, 0);
  return { expected, spread: Math.sqrt(square / shown.length) };
};
