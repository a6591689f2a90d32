/** What a search that pauses between its steps finds, run to its end without a pause. */
export const finished = <T>(search: Generator<unknown, T>): T => {
  for (;;) {
    const step = search.next();
    if (step.done === true) return step.value;
  }
};
