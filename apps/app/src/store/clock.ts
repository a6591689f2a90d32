import { useSyncExternalStore } from 'react';
import { z } from 'zod';
import { saveLocal, loadLocal } from './device';

/**
 * The kitchen's clock. Time runs by the browser's monotonic clock, which no change of the phone's own
 * clock moves, from where the server's clock was found to stand by a round trip; without a server,
 * from where the phone's own stood when the page was opened. In a demonstration it runs faster.
 * Everything at the stove is stamped by it.
 */
const keptSchema = z.object({
  /** Server's clock less the phone's own, ms. */
  offset: z.number(),
  speed: z.number().min(1).max(60),
  /** World time when the speed was last changed, and the kitchen time shown then, ms. */
  real: z.number(),
  shown: z.number(),
});
type Kept = z.infer<typeof keptSchema>;

/** Two clocks this near are one: the network takes its time too, ms. */
const SAME = 2000;
/** A difference between the phone's clock and the monotonic one that is a jump of either, ms. */
const JUMP = 1500;
/** A jump of the phone's clock beyond this is shown, ms. */
const WORTH_TELLING = 30_000;
/** Before this no server's clock has been set: a machine without a battery starts in 1970. */
const PLAUSIBLE_FROM = Date.UTC(2024, 0, 1);
const PLAUSIBLE_TO = Date.UTC(2100, 0, 1);
/** Longest round trip that is used, ms; the possible error is half as long. */
const SLOWEST_TRIP = 3000;
/** Time for which a quick round trip is preferred to a slower, later one, ms. */
const BELIEVED_FOR = 10 * 60_000;

const atRest = (): Kept => ({ offset: 0, speed: 1, real: 0, shown: 0 });

let kept: Kept = loadLocal('clock', (value) => keptSchema.safeParse(value).data) ?? atRest();

/** The phone's own clock, the monotonic one, and the steady time, together at one moment, ms. */
interface Together {
  readonly phone: number;
  readonly mono: number;
  readonly steady: number;
}
const together = (): Together => {
  const phone = Date.now();
  return { phone, mono: performance.now(), steady: phone };
};
let base = together();
/** Whether the page may have been asleep since then: a monotonic clock may stand still meanwhile. */
let mayHaveSlept = false;
/** Total jump of the phone's own clock while it was watched, ms. */
let jumped = 0;
let best: { readonly trip: number; readonly at: number } | undefined;
const listeners = new Set<() => void>();
/** Called when the clock must be measured again. */
const doubters = new Set<() => void>();

const tell = (): void => listeners.forEach((heard) => heard());
const set = (next: Kept): void => {
  kept = next;
  saveLocal('clock', next);
  tell();
};

/** The phone's clock as it would stand had nobody moved it, ms since 1970. */
const steadyNow = (): number => {
  const phone = Date.now();
  const mono = performance.now();
  const passed = mono - base.mono;
  const drift = phone - base.phone - passed;
  if (Math.abs(drift) > JUMP) {
    // Asleep, the monotonic clock may have stood still: then the phone's own is right to be ahead.
    const slept = mayHaveSlept && drift > 0;
    base = { phone, mono, steady: base.steady + passed + (slept ? drift : 0) };
    if (!slept) jumped += drift;
    best = undefined;
    tell();
    doubters.forEach((heard) => heard());
  }
  // A hidden page may fall asleep at any moment, also after a tick: the doubt stays until it is seen again.
  if (document.visibilityState === 'visible') mayHaveSlept = false;
  return base.steady + (mono - base.mono);
};

export const onClockDoubt = (heard: () => void): (() => void) => {
  doubters.add(heard);
  return () => doubters.delete(heard);
};

/** The page was hidden or frozen: its clocks may have stood still. */
export const clockMayHaveSlept = (): void => {
  mayHaveSlept = true;
};

/** The kitchen's time, ms since 1970. */
export const kitchenNow = (): number => {
  const real = steadyNow() + kept.offset;
  return Math.round(
    kept.speed === 1 && kept.shown === 0 ? real : kept.shown + (real - kept.real) * kept.speed,
  );
};

export const clockSpeed = (): number => kept.speed;

/** Runs the clock faster by a factor from now on; 1 returns to the normal rate. */
export const setClockSpeed = (speed: number): void => {
  const shown = kitchenNow();
  set({ ...kept, speed, real: steadyNow() + kept.offset, shown });
};

/** Back to the world's time: for the next cook. */
export const resetClock = (): void => {
  if (kept.shown !== 0) set({ ...atRest(), offset: kept.offset });
};

/**
 * Takes the server's word for the time. Of several round trips the quickest says most: an answer that
 * was held back on the way cannot move the clock.
 * @param server what its clock said, ms since 1970
 * @param sent and `received`: by the monotonic clock, ms
 */
export const learnServerTime = (server: number, sent: number, received: number): void => {
  const trip = received - sent;
  if (trip < 0 || trip > SLOWEST_TRIP) return;
  if (server < PLAUSIBLE_FROM || server > PLAUSIBLE_TO) return;
  if (best && trip > 2 * best.trip && received - best.at < BELIEVED_FOR) return;
  best = { trip, at: received };
  const phone = steadyNow() - (performance.now() - (sent + trip / 2));
  const offset = server - phone;
  const wanted = Math.abs(offset) <= SAME ? 0 : Math.round(offset);
  if (Math.abs(wanted - kept.offset) <= SAME && (wanted === 0) === (kept.offset === 0)) return;
  set({ ...kept, offset: wanted });
};

/** Difference of the kitchen's clock and this phone's own, ms; negative if the phone is fast. */
export const deviceClockOff = (): number => Math.round(steadyNow() + kept.offset - Date.now());

/** Jump of the phone's own clock while a page was open, if it is large enough to be shown, ms; else 0. */
const worthTelling = (): number => (Math.abs(jumped) < WORTH_TELLING ? 0 : jumped);

/** Hears when the kitchen's clock is set, or its speed. */
export const onClockSet = (heard: () => void): (() => void) => {
  listeners.add(heard);
  return () => listeners.delete(heard);
};

export const useClockSpeed = (): number => useSyncExternalStore(onClockSet, () => kept.speed);
export const useClockJump = (): number => useSyncExternalStore(onClockSet, worthTelling);

/** As a page that is opened again: for tests. */
export const restartClock = (): void => {
  kept = loadLocal('clock', (value) => keptSchema.safeParse(value).data) ?? atRest();
  base = together();
  mayHaveSlept = false;
  jumped = 0;
  best = undefined;
};
