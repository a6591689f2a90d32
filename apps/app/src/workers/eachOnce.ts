/** Hands out the numbers from 0 to under `count`, each once. */
export const eachOnce = (count: number): (() => number | undefined) => {
  let next = 0;
  return () => {
    if (next >= count) return undefined;
    next += 1;
    return next - 1;
  };
};
