/** At most so many of a list, evenly chosen, the first and the last among them. */
export const thinned = <T>(all: readonly T[], most: number): readonly T[] => {
  if (all.length <= most) return all;
  const stride = (all.length - 1) / (most - 1);
  return Array.from({ length: most }, (_, i) => all[Math.round(i * stride)]);
};
