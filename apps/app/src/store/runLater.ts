/** Wait before a chunk that did not come is fetched again, ms. */
const FETCHED_AGAIN = 4000;

/**
 * Begins what comes in a chunk of its own, and fetches the chunk until it has come.
 * @returns ends it, now or as soon as it has begun
 */
export const runLater = (begin: () => Promise<() => void>): (() => void) => {
  let stopped = false;
  let stop: (() => void) | undefined;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const fetchIt = (): void => {
    begin().then(
      (end) => {
        stop = end;
        if (stopped) end();
      },
      () => {
        if (!stopped) timer = setTimeout(fetchIt, FETCHED_AGAIN);
      },
    );
  };
  fetchIt();
  return () => {
    stopped = true;
    clearTimeout(timer);
    stop?.();
  };
};
