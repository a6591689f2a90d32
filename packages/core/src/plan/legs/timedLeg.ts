import type { Leg } from './legs';

/** A leg with its time settled. */
export interface TimedLeg extends Leg {
  readonly seconds: number;
  /** Turns, s from the leg's start; the one at its end included. */
  readonly flips: readonly number[];
  /** The leg reached the longest it may last before its crust was there. */
  readonly cutShort?: true;
}

/**
 * Turns of a leg of this duration, s from its start.
 * @param since duration of turning before this leg, s
 */
const flipsOf = (leg: Leg, seconds: number, since: number): readonly number[] => {
  const flips: number[] = [];
  const { turnEvery: every } = leg;
  if (every !== undefined) {
    for (let t = every - (since % every); t < seconds; t += every) flips.push(t);
  }
  if (leg.flipAt !== undefined && seconds > 0) flips.push(leg.flipAt * seconds);
  if (leg.thenFlip) flips.push(seconds);
  return flips;
};

/** A leg of this duration. `since`: duration of turning before it, s. */
export const timedFor = (leg: Leg, seconds: number, since = 0): TimedLeg => ({
  ...leg,
  seconds,
  flips: flipsOf(leg, seconds, since),
});

/** Seconds of a leg whose crust does not decide, with the unknown at `value`. */
export const legSeconds = ({ fixed, unknownShare: share }: Leg, value: number): number =>
  Math.max(0, fixed + share * value);

/** Total time in which the piece is turned at even intervals, consecutive legs together, s. */
export const turningSeconds = (legs: readonly TimedLeg[]): number => {
  const from = legs.findLastIndex(({ turnEvery: every }) => every === undefined) + 1;
  return legs.slice(from).reduce((sum, { seconds }) => sum + seconds, 0);
};

/** The same legs with the unknown at another value: legs whose crust decided keep their time. */
export const retimed = (legs: readonly TimedLeg[], value: number): readonly TimedLeg[] => {
  const made: TimedLeg[] = [];
  for (const leg of legs) {
    const free = leg.browningGoal === undefined;
    made.push(free ? timedFor(leg, legSeconds(leg, value), turningSeconds(made)) : leg);
  }
  return made;
};
