import type { Run } from '../schedule/run';
import type { DueStep } from './cookState';

/**
 * Putting the pan on, while it is still to come: it has no press, so the clock alone moves
 * it on. Undefined once it should be hot.
 * @param plannedIn when the piece goes in, ms since 1970
 */
export const preheatStep = (run: Run, plannedIn: number, now: number): DueStep | undefined => {
  const preheat = run.steps.find(({ kind }) => kind === 'preheat');
  if (!preheat) return undefined;
  const dueAt = plannedIn + preheat.at * 1000;
  return now < dueAt ? { kind: 'heat', dueAt } : undefined;
};
