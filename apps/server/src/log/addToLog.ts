import {
  PROBLEM_TYPES,
  type LogEntry,
  type ProblemType,
  type Subject,
} from '@crustan/core/formats';
import { MisplacedEntries, type LogStore } from '../db/logStore';
import { problem, type ProblemError } from '../problems';
import type { LogNews } from './logNews';

const NOT_THERE: Readonly<Record<Subject, ProblemType>> = {
  cook: PROBLEM_TYPES.noSuchCook,
  service: PROBLEM_TYPES.noSuchService,
};

/** Adds entries to the logbook and tells who follows them. @returns ids of the entries: they are on disk */
export type AddToLog = (entries: readonly LogEntry[], path: EntryPath) => readonly string[];

/** Path of an entry's field in the message. */
export type EntryPath = (index: number, field: 'id' | 'stream') => string;

/** The same in a message of the pages of before the log: `events` of one cook or service. */
export const oldPath: EntryPath = (index, field) => `events[${index}].${field}`;

/** @param now ms since 1970 */
export const addToLog =
  (store: LogStore, news: LogNews, now: () => number): AddToLog =>
  (entries, path) => {
    try {
      news.tell(store.add(entries, now()));
    } catch (error) {
      if (!(error instanceof MisplacedEntries)) throw error;
      throw refusal(error, path);
    }
    return entries.map(({ event }) => event.id);
  };

const refusal = ({ why, of, indexes }: MisplacedEntries, path: EntryPath): ProblemError => {
  const issueOf = (field: 'id' | 'stream', message: string) =>
    indexes.map((index) => ({ path: path(index, field), message }));
  if (why === 'elsewhere') {
    return problem(
      409,
      (t) => [t(`of-another-${of}`), t('none-of-these-events-was-stored')],
      (t) => ({
        type: PROBLEM_TYPES.eventElsewhere,
        errors: issueOf('id', t(`id-of-an-event-of-another-${of}`)),
      }),
    );
  }
  return problem(
    404,
    (t) => [t(`no-such-${of}`), t(`${of}-not-in-the-logbook`)],
    (t) => ({
      type: NOT_THERE[of],
      errors: issueOf('stream', t(`a-${of}-that-is-not-in-the-logbook`)),
    }),
  );
};
