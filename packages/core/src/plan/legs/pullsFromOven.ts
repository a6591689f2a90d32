import type { CookPlan } from './planResult';

/** Two moments closer than this are one, s. */
const SAME = 1;

/** Whether the thermometer decides at the oven's door, with the pan still to come. */
export const pullsFromOven = ({
  legs,
  pullAt,
  cookSeconds,
}: Pick<CookPlan, 'pullAt' | 'cookSeconds'> & {
  readonly legs: readonly Pick<CookPlan['legs'][number], 'kind' | 'at' | 'seconds'>[];
}): boolean =>
  pullAt < cookSeconds - SAME &&
  legs.some(({ kind, at, seconds }) => kind === 'oven' && Math.abs(at + seconds - pullAt) < SAME);
