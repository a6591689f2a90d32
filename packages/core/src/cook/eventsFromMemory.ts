import type { CookPlan } from '../plan/legs/planResult';
import { actionsOf } from '../schedule/actions';
import type { CookEvent } from './event';
import { pressFor } from './press';

export interface TimesFromMemory {
  /** Start of the heat, ms since 1970. */
  readonly inAt: number;
  /** Duration of the heat, s; undefined: as planned. */
  readonly cookedSeconds?: number | undefined;
  /** Duration of the rest until slicing, s; undefined: as planned. */
  readonly restSeconds?: number | undefined;
}

/**
 * Presses for a cook written down from memory: its plan's, stretched to the time it really took. Only
 * that time is the cook's word; where within it the piece was turned is the plan's.
 */
export const eventsFromMemory = (
  plan: CookPlan,
  { inAt, cookedSeconds = plan.cookSeconds, restSeconds = plan.restSeconds }: TimesFromMemory,
  newId: () => string,
): readonly CookEvent[] => {
  const stretch = cookedSeconds / plan.cookSeconds;
  return actionsOf(plan.legs, plan.restSeconds).map(({ kind, at }): CookEvent => {
    const seconds = kind === 'slice' ? cookedSeconds + restSeconds : at * stretch;
    return { id: newId(), kind: pressFor(kind), at: Math.round(inAt + seconds * 1000) };
  });
};
