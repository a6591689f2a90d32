import type { ToldSchedule } from '@crustan/core/formats';

/** The latest shared schedule of each service. It can be computed again at any time, so no book keeps it. */
export interface ToldSchedules {
  readonly get: (service: string) => ToldSchedule | undefined;
  /** @returns whether it takes the place of the one before */
  readonly put: (service: string, schedule: ToldSchedule) => boolean;
  /** Another book has taken this one's place: its log has its own count. */
  readonly clear: () => void;
}

/** Age at which a schedule from the same log and menu is replaced, ms. */
const TOLD_AGAIN = 20_000;

/** Whether a schedule knows no less of the log and of the menu than another, and more of one or later. */
const replaces = (next: ToldSchedule, before: ToldSchedule | undefined): boolean => {
  if (before === undefined) return true;
  if (next.seq < before.seq || next.menu < before.menu) return false;
  const knowsMore = next.seq > before.seq || next.menu > before.menu;
  return knowsMore || next.at > before.at + TOLD_AGAIN;
};

/** @param book identity of the book whose log counts */
export const toldSchedules = (book: () => string): ToldSchedules => {
  const told = new Map<string, ToldSchedule>();
  return {
    get: (service) => told.get(service),
    put: (service, schedule) => {
      if (schedule.book !== book() || !replaces(schedule, told.get(service))) return false;
      told.set(service, schedule);
      return true;
    },
    clear: () => told.clear(),
  };
};
