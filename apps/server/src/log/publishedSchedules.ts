import { supersedes, type PublishedSchedule } from '@crustan/core/formats';

/** The latest shared schedule of each service. It can be computed again at any time, so no logbook keeps it. */
export interface PublishedSchedules {
  readonly get: (service: string) => PublishedSchedule | undefined;
  /** @returns whether it takes the place of the one before */
  readonly put: (service: string, schedule: PublishedSchedule) => boolean;
  /** Another logbook has taken this one's place: its log has its own count. */
  readonly clear: () => void;
}

/** @param book identity of the logbook whose log counts */
export const publishedSchedules = (book: () => string): PublishedSchedules => {
  const published = new Map<string, PublishedSchedule>();
  return {
    get: (service) => published.get(service),
    put: (service, schedule) => {
      const before = published.get(service);
      if (schedule.book !== book() || (before && !supersedes(schedule, before))) return false;
      published.set(service, schedule);
      return true;
    },
    clear: () => published.clear(),
  };
};
