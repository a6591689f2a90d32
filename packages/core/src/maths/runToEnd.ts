/** Runs a generator to its end and returns its result. */
export const runToEnd = <T>(search: Generator<unknown, T>): T => {
  for (;;) {
    const step = search.next();
    if (step.done === true) return step.value;
  }
};
