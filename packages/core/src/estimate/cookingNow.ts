import { cookedLegs } from '../cook/cookedLegs';
import { isMeasurement, type CookEvent } from '../cook/event';
import { progressOf, type Progress } from '../cook/progress';
import type { TimedLeg } from '../plan/legs/timedLeg';
import type { PlanWithPull } from './calibratedRatio';

/** The cook as the events have it. */
export interface Cooking {
  readonly inAt: number;
  /** Changes with every event that moves a leg. */
  readonly key: string;
  readonly legsAt: (pull: number) => readonly TimedLeg[];
  readonly progress: Progress;
  /** The deciding leg has ended. */
  readonly decided: boolean;
  /** s from the first heat to now. */
  readonly seconds: number;
}

/**
 * The cook at a moment.
 * @param effective its events that count
 * @param inAt start of the heat, ms since 1970
 * @param pull expected, s from the first heat
 */
export const cookingNow = (
  { plan, plannedIn }: { readonly plan: PlanWithPull; readonly plannedIn: number },
  effective: readonly CookEvent[],
  inAt: number,
  now: number,
  pull: number,
): Cooking => {
  const turnedAt = effective.filter(({ kind }) => kind === 'turned').map(({ at }) => at);
  const progressAt = (pulled: number): Progress =>
    progressOf(plan, plannedIn, effective, inAt + pulled * 1000);
  const progress = progressAt(pull);
  return {
    inAt,
    key: effective
      .filter((event) => !isMeasurement(event) && event.kind !== 'note')
      .map(({ id, at }) => id + String(at))
      .join(),
    legsAt: (pulled) => cookedLegs({ inAt, turnedAt, progress: progressAt(pulled) }, plan.request),
    progress,
    decided: progress.actions
      .slice(0, progress.done)
      .some(({ leg, kind }) => leg > progress.decidingLeg || kind === 'pull'),
    seconds: (now - inAt) / 1000,
  };
};
