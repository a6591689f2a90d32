import { setImmediate as breath } from 'node:timers/promises';

/** Longest that work on the whole book goes on before presses are looked at, ms. */
const SPELL = 20;

/** Lets what waits be answered, once the work has gone on for a spell. */
export const breather = (): (() => Promise<void>) => {
  let since = performance.now();
  return async () => {
    if (performance.now() - since < SPELL) return;
    await breath();
    since = performance.now();
  };
};
