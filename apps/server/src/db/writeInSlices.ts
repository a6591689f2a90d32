import { setImmediate as breath } from 'node:timers/promises';
import type { Book } from './book';

/** Longest that one slice holds up what waits, its commit aside, ms. */
const SLICE_MS = 12;

/**
 * Writes many entries, a transaction for each slice of milliseconds, so that steps are stored in between. Each entry
 * must be idempotent: after a crash the sender repeats all.
 */
export const writeInSlices = async <T>(
  book: Pick<Book, 'sqlite'>,
  entries: readonly T[],
  write: (entry: T) => void,
): Promise<void> => {
  let next = 0;
  const slice = book.sqlite.transaction(() => {
    const until = performance.now() + SLICE_MS;
    while (next < entries.length && performance.now() < until) {
      const entry = entries[next];
      next += 1;
      if (entry !== undefined) write(entry);
    }
  });
  while (next < entries.length) {
    slice();
    await breath();
  }
};
