import { useSyncExternalStore } from 'react';
import { z } from 'zod';
import { keep, recall } from './device';

/**
 * The kitchen's clock: the device's, set right by the server's where the device is wrong, and run
 * faster in a demonstration. Everything at the stove is stamped by it.
 */
const clockSchema = z.object({
  /** Server's clock less the device's, ms. */
  offset: z.number(),
  speed: z.number().min(1).max(60),
  /** When the speed was last changed: the device's clock, and what this one showed. */
  real: z.number(),
  shown: z.number(),
});
type Clock = z.infer<typeof clockSchema>;

/** Two clocks this near are one: the network takes its time too, ms. */
const SAME = 2000;
/** What a slow answer may hide, ms. */
const SLOW = 4000;

const atRest = (): Clock => ({ offset: 0, speed: 1, real: 0, shown: 0 });

let clock: Clock = recall('clock', (value) => clockSchema.safeParse(value).data) ?? atRest();
const listeners = new Set<() => void>();

const set = (next: Clock): void => {
  clock = next;
  keep('clock', next);
  listeners.forEach((heard) => heard());
};

/** The kitchen's time, ms since 1970. */
export const kitchenNow = (): number => {
  const real = Date.now() + clock.offset;
  return Math.round(
    clock.speed === 1 && clock.shown === 0 ? real : clock.shown + (real - clock.real) * clock.speed,
  );
};

export const clockSpeed = (): number => clock.speed;

/** Runs the clock so many times faster from now on; 1 goes on from where it is. */
export const setClockSpeed = (speed: number): void => {
  const shown = kitchenNow();
  set({ ...clock, speed, real: Date.now() + clock.offset, shown });
};

/** Back to the world's time: for the next cook. */
export const resetClock = (): void => {
  if (clock.shown !== 0) set({ ...atRest(), offset: clock.offset });
};

/**
 * Takes the server's word for the time.
 * @param asked when it was asked, by the device's clock; an answer that took long says little
 */
export const learnServerTime = (server: number, asked = Date.now()): void => {
  const took = Date.now() - asked;
  if (took > SLOW) return;
  const offset = server - (asked + took / 2);
  const wanted = Math.abs(offset) <= SAME ? 0 : Math.round(offset);
  if (Math.abs(wanted - clock.offset) <= SAME && (wanted === 0) === (clock.offset === 0)) return;
  set({ ...clock, offset: wanted });
};

export const useClockSpeed = (): number =>
  useSyncExternalStore(
    (heard) => {
      listeners.add(heard);
      return () => listeners.delete(heard);
    },
    () => clock.speed,
  );

/** How far this device's own clock is off, ms: worth telling from half a minute. */
export const deviceClockOff = (): number => clock.offset;
