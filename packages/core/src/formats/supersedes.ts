import type { PublishedSchedule } from './serviceSchema';

/** Age at which a schedule from the same log and menu is replaced, ms. */
const REPLACED_AFTER_MS = 20_000;

/** Log and menu from which a schedule was computed. */
export type ScheduleBasis = Pick<PublishedSchedule, 'book' | 'seq' | 'menu'>;

/** Whether a schedule knows no less of the log and of the menu than another; another logbook's log counts for nothing. */
export const knowsNoLess = (next: ScheduleBasis, before: ScheduleBasis): boolean =>
  next.book !== before.book || (next.seq >= before.seq && next.menu >= before.menu);

/**
 * Whether a schedule takes the place of another on every page: it knows more, it improves that one, or that one is old. Of
 * two pages that schedule the same orders, the first is followed.
 */
export const supersedes = (next: PublishedSchedule, before: PublishedSchedule): boolean => {
  if (!knowsNoLess(next, before)) return false;
  const knowsMore = next.book !== before.book || next.seq > before.seq || next.menu > before.menu;
  return knowsMore || next.improves === before.at || next.at > before.at + REPLACED_AFTER_MS;
};
