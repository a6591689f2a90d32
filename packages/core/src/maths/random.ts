/** A small seeded generator (mulberry32): the same seed gives the same kitchen. */
export const seededRandom = (seed: number): (() => number) => {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
};

/** About normal, mean 0 and deviation 1: the sum of twelve uniforms. */
export const normal = (random: () => number): number => {
  let sum = -6;
  for (let i = 0; i < 12; i += 1) sum += random();
  return sum;
};

/** Even over [low, high). */
export const even = (random: () => number, low: number, high: number): number =>
  low + (high - low) * random();
