/** Wait before a chunk that did not come is fetched again, ms. */
const FETCHED_AGAIN = 4000;

/**
 * Starts a function whose code is a separate chunk, and loads the chunk with retries.
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
