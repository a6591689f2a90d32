import { supersedes, type ToldSchedule } from '@crustan/core/formats';

/** The latest shared schedule of each service. It can be computed again at any time, so no logbook keeps it. */
export interface ToldSchedules {
  readonly get: (service: string) => ToldSchedule | undefined;
  /** @returns whether it takes the place of the one before */
  readonly put: (service: string, schedule: ToldSchedule) => boolean;
  /** Another logbook has taken this one's place: its log has its own count. */
  readonly clear: () => void;
}

/** @param book identity of the logbook whose log counts */
export const toldSchedules = (book: () => string): ToldSchedules => {
  const told = new Map<string, ToldSchedule>();
  return {
    get: (service) => told.get(service),
    put: (service, schedule) => {
      const before = told.get(service);
      if (schedule.book !== book() || (before && !supersedes(schedule, before))) return false;
      told.set(service, schedule);
      return true;
    },
    clear: () => told.clear(),
  };
};
