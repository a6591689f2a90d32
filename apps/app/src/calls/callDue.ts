import type { Called } from '../store/callsSlice';

export type CallTime = 'soon' | 'now';

/** A step overdue by more belongs to a cook that was left: it is not called, s. */
const LONGEST_OVERDUE_S = 3600;
/** A page that is woken less often than the head start is called this early at most, s. */
const LONGEST_WAKE_S = 90;
/** Within this of its time a step is due, s. */
const DUE_WITHIN_S = 0.5;

interface CallQuestion {
  readonly dueAt: number;
  readonly now: number;
  readonly headStart: number;
  /** Time since the page last looked, s: a hidden page is woken once a minute. */
  readonly sinceLast: number;
  readonly toleranceS: number;
  /** Speed of the kitchen's clock: seconds of a question are the world's. */
  readonly speed: number;
}

/** The call that a step needs now, given the calls it had; undefined if none. */
export const callDue = (
  { soon, now: called }: Called,
  { dueAt, now, headStart, sinceLast, toleranceS, speed }: CallQuestion,
): CallTime | undefined => {
  const left = (dueAt - now) / 1000 / speed;
  const movedFrom = (before: number): number => (dueAt - before) / 1000 / speed;
  const wake = Math.min(LONGEST_WAKE_S, sinceLast);
  if (left > Math.max(headStart, wake) || left < -LONGEST_OVERDUE_S) return undefined;
  if (left <= DUE_WITHIN_S) {
    return called === undefined || movedFrom(called) > toleranceS ? 'now' : undefined;
  }
  return soon === undefined || Math.abs(movedFrom(soon)) > toleranceS ? 'soon' : undefined;
};
