import { setImmediate as breath } from 'node:timers/promises';

/** Longest spell of work on the whole logbook before requests are answered, ms. */
const SPELL = 20;

/** Yields to the event loop after 20 ms of work. */
export const createYielder = (): (() => Promise<void>) => {
  let since = performance.now();
  return async () => {
    if (performance.now() - since < SPELL) return;
    await breath();
    since = performance.now();
  };
};
