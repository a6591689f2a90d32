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

/** One of several, each as likely. */
export const drawn = <T>(random: () => number, all: readonly T[]): T =>
  all[Math.min(all.length - 1, Math.floor(random() * all.length))];

/** In an order drawn at random. */
export const shuffled = <T>(random: () => number, all: Iterable<T>): readonly T[] =>
  [...all]
    .map((each) => ({ each, place: random() }))
    .toSorted((a, b) => a.place - b.place)
    .map(({ each }) => each);
