import { randomNormal } from 'd3-random';
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { mersenne } from 'pure-rand/generator/mersenne';

/** Even over [0, 1), by a Mersenne twister: the same seed gives the same kitchen. */
export const seededRandom = (seed: number): (() => number) => {
  const twister = mersenne(seed);
  return () => uniformFloat64(twister);
};

/** Normal, mean 0 and deviation 1. */
export const normal = (random: () => number): number => randomNormal.source(random)()();

/** Even over [low, high). */
export const even = (random: () => number, low: number, high: number): number =>
  low + (high - low) * random();
