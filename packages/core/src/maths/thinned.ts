/** Evenly spaced subset of a list, with its first and last element. */
export const thinned = <T>(all: readonly T[], most: number): readonly T[] => {
  if (all.length <= most) return all;
  const stride = (all.length - 1) / (most - 1);
  return Array.from({ length: most }, (_, i) => all[Math.round(i * stride)]);
};
