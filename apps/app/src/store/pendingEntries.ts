import { z } from 'zod';
import { logEntrySchema, type LogEntry } from '@crustan/core/formats/logSchema';
import type { LogStream } from './logStream';

/** Key in the storage of the tab: it survives a reload, and a press writes it in the same turn. */
const KEY = 'crustan.log-pending';
/** Number of entries that are saved; more are an import, which can be repeated. */
const MOST = 200;

const pendingSchema = z.array(logEntrySchema).max(MOST);

/** Entries that this tab had not written to the database when it was closed or reloaded. */
export const loadPending = (): readonly LogEntry[] => {
  try {
    return pendingSchema.safeParse(JSON.parse(sessionStorage.getItem(KEY) ?? '[]')).data ?? [];
  } catch {
    return [];
  }
};

/**
 * Saves the entries that are on their way into the database: the database answers later than the page shows a press.
 * @param writing ids of the entries
 */
export const savePending = (
  streams: Readonly<Record<string, LogStream>>,
  writing: readonly string[],
): void => {
  const ids = new Set(writing);
  const entries =
    ids.size === 0 || ids.size > MOST
      ? []
      : Object.values(streams).flatMap((stream) =>
          stream.entries.flatMap(({ entry }) => (ids.has(entry.event.id) ? [entry] : [])),
        );
  try {
    if (entries.length === 0) sessionStorage.removeItem(KEY);
    else sessionStorage.setItem(KEY, JSON.stringify(entries));
  } catch {
    // Without this storage a press is on the device once the database has it.
  }
};
