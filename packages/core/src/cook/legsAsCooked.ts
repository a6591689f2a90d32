import type { TimedLeg } from '../plan/legs/timedLeg';
import { cookedLegs } from './cookedLegs';
import { effectiveEvents } from './effectiveEvents';
import type { CookEvent } from './event';
import { progressOf, type PlanFigures } from './progress';

/**
 * The legs of a finished cook with the times it really kept; undefined until the piece has been in and
 * out of the heat.
 * @param plannedIn when the plan has the piece meet the heat, ms since 1970
 */
export const legsAsCooked = (
  plan: PlanFigures,
  plannedIn: number,
  events: readonly CookEvent[],
): readonly TimedLeg[] | undefined => {
  const effective = effectiveEvents(events);
  const inAt = effective.find(({ kind }) => kind === 'in')?.at;
  const pulledAt = effective.find(({ kind }) => kind === 'pulled')?.at;
  if (inAt === undefined || pulledAt === undefined || pulledAt <= inAt) return undefined;
  const turnedAt = effective.filter(({ kind }) => kind === 'turned').map(({ at }) => at);
  const progress = progressOf(plan, plannedIn, effective);
  return cookedLegs({ inAt, turnedAt, progress }, plan.request);
};
