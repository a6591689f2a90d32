import {
  chmodSync,
  closeSync,
  existsSync,
  fsyncSync,
  linkSync,
  openSync,
  readdirSync,
  renameSync,
  rmSync,
  statSync,
} from 'node:fs';
import path from 'node:path';
import { errorCode } from '../errorCode';

export const BOOK_NAME = 'book.sqlite';
/** A checked logbook that is about to take the logbook's place. */
export const NEXT_NAME = 'book.next.sqlite';
/** Prefix of the file name of the logbook before a restore. */
const BEFORE = 'book-before-';
/** SQLite's own files beside a logbook that is open. */
const SIDE_FILES = ['-wal', '-shm', '-journal'] as const;

/** Files of the logbook are readable by their owner only. */
const OWNER_ONLY = { folder: 0o700, file: 0o600 } as const;

/** Removes a SQLite file and what lies beside it. */
export const removeFile = (file: string): void => {
  for (const end of ['', ...SIDE_FILES]) rmSync(file + end, { force: true });
};

/** Restricts a data folder and its logbooks to their owner. */
export const keepPrivate = (folder: string): void => {
  chmodSync(folder, OWNER_ONLY.folder);
  for (const name of readdirSync(folder)) {
    if (/\.sqlite(-wal|-shm|-journal)?$/.test(name)) {
      chmodSync(path.join(folder, name), OWNER_ONLY.file);
    }
  }
};

/** A file's or a folder's entries are on the disk, not in a cache, once this returns. */
export const flushToDisk = (place: string): void => {
  const handle = openSync(place, 'r');
  try {
    fsyncSync(handle);
  } finally {
    closeSync(handle);
  }
};

const MOST_NAMES = 1000;

/** Gives a logbook a second name, one that nothing has. @returns the name */
const keepUnder = (folder: string, now: number): string => {
  const stamp = new Date(now).toISOString().slice(0, 19).replaceAll(':', '');
  for (let i = 0; i < MOST_NAMES; i += 1) {
    const name = `${BEFORE}${stamp}${i === 0 ? '' : `-${i + 1}`}.sqlite`;
    try {
      linkSync(path.join(folder, BOOK_NAME), path.join(folder, name));
      return name;
    } catch (error) {
      if (errorCode(error) !== 'EEXIST') throw error;
    }
  }
  throw new Error(`${MOST_NAMES} books were kept in one second`);
};

/**
 * Puts the checked logbook in the place of the closed one, in steps; each step leaves a complete logbook under the
 * book's name: the old one gets a second name, then the new one takes the first in one rename. Killed between any two,
 * the next start opens the one or the other.
 * @returns file name of the old logbook
 */
export const swapIn = (folder: string, now: number): string => {
  const place = path.join(folder, BOOK_NAME);
  const next = path.join(folder, NEXT_NAME);
  const before = keepUnder(folder, now);
  // Closed and checkpointed, the old logbook has nothing there; what was left would be taken for the new one's.
  for (const end of SIDE_FILES) {
    rmSync(place + end, { force: true });
    rmSync(next + end, { force: true });
  }
  flushToDisk(next);
  renameSync(next, place);
  flushToDisk(folder);
  return before;
};

/**
 * Mends what a kill in the middle of a restore may have left: a folder without a logbook but with one
 * that was kept gets the newest of those back.
 * @returns the name of the logbook that was put back, if one was
 */
export const recoverBook = (folder: string): string | undefined => {
  const place = path.join(folder, BOOK_NAME);
  removeFile(path.join(folder, NEXT_NAME));
  if (existsSync(place)) return undefined;
  const kept = readdirSync(folder)
    .filter((name) => name.startsWith(BEFORE) && name.endsWith('.sqlite'))
    .toSorted();
  const newest = kept.at(-1);
  if (newest === undefined) return undefined;
  linkSync(path.join(folder, newest), place);
  flushToDisk(folder);
  return newest;
};

/** Size of the logbook's file, bytes; undefined if it is missing. */
export const bookSize = (folder: string): number | undefined => {
  const place = path.join(folder, BOOK_NAME);
  return existsSync(place) ? statSync(place).size : undefined;
};
