import { accessSync, constants, statfsSync } from 'node:fs';
import type { Book } from './db/openBook';

/** A press takes a few kB; with less room than this the next ones may not be kept, bytes. */
const LEAST_ROOM = 5_000_000;

/** What keeps a server from taking presses; undefined: nothing does. */
export const notReady = ({
  sqlite,
  folder,
}: Pick<Book, 'sqlite' | 'folder'>): string | undefined => {
  try {
    sqlite.pragma('schema_version');
    accessSync(folder, constants.W_OK);
    const { bavail, bsize } = statfsSync(folder);
    return bavail * bsize < LEAST_ROOM ? 'The disk is full: make room.' : undefined;
  } catch {
    return 'The book cannot be read or written: look at the disk and the log.';
  }
};
