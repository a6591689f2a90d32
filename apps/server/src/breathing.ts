import { setImmediate as breath } from 'node:timers/promises';

/** Longest that work on the whole book goes on before presses are looked at, ms. */
const SPELL = 20;

/** Yields to the event loop after 20 ms of work. */
export const breather = (): (() => Promise<void>) => {
  let since = performance.now();
  return async () => {
    if (performance.now() - since < SPELL) return;
    await breath();
    since = performance.now();
  };
};
