import { z } from 'zod';
import { API } from './apiAddress';
import { clockMayHaveSlept, kitchenNow, learnServerTime, onClockDoubt } from './clock';

const ADDRESS = `${API}/clock`;
const answerSchema = z.object({ now: z.number() });
/** Interval of measurement, and after no answer, ms. */
const EVERY = 5 * 60_000;
const TRIED_AGAIN = 15_000;
/** Number of round trips at once: the quickest is used. */
const TRIPS = 3;
/** Interval at which the clocks are compared, ms. */
const WATCHED = 1000;

const trip = async (): Promise<boolean> => {
  const sent = performance.now();
  const answer = await fetch(ADDRESS, { cache: 'no-store' });
  const received = performance.now();
  const said = answer.ok ? answerSchema.safeParse(await answer.json()).data : undefined;
  if (!said) return false;
  learnServerTime(said.now, sent, received);
  return true;
};

/**
 * Sets the kitchen's clock by the server's, and watches that no jump of the phone's own goes
 * unnoticed.
 * @returns stops it
 */
export const keepTime = (): (() => void) => {
  let stopped = false;
  let measuring = false;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const measure = async (): Promise<void> => {
    if (measuring || stopped) return;
    measuring = true;
    clearTimeout(timer);
    let answered = false;
    try {
      for (let i = 0; i < TRIPS && !stopped; i += 1) answered = (await trip()) || answered;
    } catch {
      // Without a server the phone's own clock continues.
    }
    measuring = false;
    if (!stopped) timer = setTimeout(() => void measure(), answered ? EVERY : TRIED_AGAIN);
  };
  const seen = (): void => {
    clockMayHaveSlept();
    if (document.visibilityState === 'visible') void measure();
  };
  const stopDoubt = onClockDoubt(() => void measure());
  const watch = setInterval(() => void kitchenNow(), WATCHED);
  document.addEventListener('visibilitychange', seen);
  document.addEventListener('resume', seen);
  window.addEventListener('pageshow', seen);
  window.addEventListener('online', seen);
  void measure();
  return () => {
    stopped = true;
    clearTimeout(timer);
    clearInterval(watch);
    stopDoubt();
    document.removeEventListener('visibilitychange', seen);
    document.removeEventListener('resume', seen);
    window.removeEventListener('pageshow', seen);
    window.removeEventListener('online', seen);
  };
};
