import type { StemSide } from '../heat';

/** Way in which a cook placed the thermometer for one reading. */
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
  /** Prior probability. */
  readonly prior: number;
}

/**
 * Hands from exact to careless. Estimates: a tip that was aimed at the middle lies a few millimetres off it. The readings
 * show which kind it is: those of an exact hand follow the model's middle.
 */
export const HANDS: readonly Hand[] = [
  { scatter: 0.0005, prior: 0.3 },
  { scatter: 0.002, prior: 0.4 },
  { scatter: 0.004, prior: 0.3 },
];

/** Scatter of the lowest of three tries, and of a stem from the side, as shares of the normal scatter. Estimates. */
const LOWEST_SHARE = 0.4;
const SIDE_SHARE = 1 / 3;

/** Steps of the depths that runs keep, shares of half the thickness: see `PROBE_DEPTHS`. */
const STEPS = 10;
/** Places off the middle, standard deviations: the means of six parts of a normal distribution that are equally likely. */
const PLACES = [-1.383, -0.674, -0.21, 0.21, 0.674, 1.383] as const;

/**
 * Temperature of a run at a distance from the middle, C.
 * @param off m, towards the face that went down first
 */
const seenAt = (seen: (depth: number) => number, off: number, thickness: number): number => {
  const at = Math.min(STEPS, (Math.abs(off) / (thickness / 2)) * STEPS);
  const inner = Math.min(STEPS - 1, Math.floor(at));
  const of = (step: number): number => seen(step === 0 ? 0 : off > 0 ? 2 * step - 1 : 2 * step);
  return of(inner) + (at - inner) * (of(inner + 1) - of(inner));
};

/** Predicted reading of a thermometer that is inserted again, and its standard deviation from placement, C. */
export interface HandReading {
  readonly expected: number;
  readonly spread: number;
}

/** Temperatures of a run at the places where the tip may be, C. @param seen temperature at the nth of `PROBE_DEPTHS` */
export const shownByHand = (
  seen: (depth: number) => number,
  { stem, thickness, lowest }: HandPlacing,
  { scatter }: Hand,
): readonly number[] => {
  const size = scatter * (stem === 'side' ? SIDE_SHARE : 1) * (lowest ? LOWEST_SHARE : 1);
  return PLACES.map((place) => seenAt(seen, place * size, thickness));
};

/** Divergence of the weights from equal weights, nats. It lowers the probability of the account that needs them. */
export const placesMoved = (weights: readonly number[]): number =>
  weights.reduce(
    (sum, weight) => sum + (weight > 0 ? weight * Math.log(weight * weights.length) : 0),
    0,
  );

/** Probability of each place after a reading. @param sigma of the reading about what a place shows, K */
export const placesGiven = (
  shown: readonly number[],
  measured: number,
  sigma: number,
): readonly number[] => {
  const logs = shown.map((celsius) => -0.5 * ((measured - celsius) / sigma) ** 2);
  const most = Math.max(...logs);
  const raw = logs.map((log) => Math.exp(log - most));
  const total = raw.reduce((sum, weight) => sum + weight, 0);
  return raw.map((weight) => weight / total);
};

/**
 * Expected reading by hand and its placement error, C. The depth of the tip varies from reading to reading about the
 * middle, so it is not a parameter of the fit.
 * @param shown temperature at each place, C
 * @param weights of the places; default: equal, as before a reading
 */
export const predictHandReading = (
  shown: readonly number[],
  weights: readonly number[] = shown.map(() => 1 / shown.length),
): HandReading => {
  const expected = shown.reduce((sum, celsius, k) => sum + weights[k] * celsius, 0);
  const square = shown.reduce((sum, celsius, k) => sum + weights[k] * (celsius - expected) ** 2, 0);
  return { expected, spread: Math.sqrt(square) };
};
