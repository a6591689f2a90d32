import type { Run } from '../schedule/run';
import type { DueStep } from './cookState';
import type { CookEvent } from './event';

/** Time that the pan of a run takes to come up before the piece goes in, s; undefined if the run starts elsewhere. */
const preheatSeconds = (run: Run): number | undefined => {
  const preheat = run.steps.find(({ kind }) => kind === 'preheat');
  return preheat && preheat.at <= 0 ? -preheat.at : undefined;
};

const panOnAt = (effective: readonly CookEvent[]): number | undefined =>
  effective.findLast(({ kind }) => kind === 'pan-on')?.at;

/**
 * Putting the pan on, until its press says that it is on; undefined if the piece does not start in a hot pan.
 * @param plannedIn when the piece goes in, ms since 1970
 */
export const preheatStep = (
  run: Run,
  plannedIn: number,
  effective: readonly CookEvent[],
): DueStep | undefined => {
  const seconds = preheatSeconds(run);
  if (seconds === undefined || panOnAt(effective) !== undefined) return undefined;
  return { kind: 'heat', dueAt: plannedIn - seconds * 1000 };
};

/** Time at which the piece can go in, ms since 1970: as planned, or later if the pan was put on late. */
export const heatedIn = (run: Run, plannedIn: number, effective: readonly CookEvent[]): number => {
  const [seconds, on] = [preheatSeconds(run), panOnAt(effective)];
  return seconds === undefined || on === undefined
    ? plannedIn
    : Math.max(plannedIn, on + seconds * 1000);
};
