import { randomUUID } from 'node:crypto';
import { accessSync, constants, mkdirSync } from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';
import { drizzle } from 'drizzle-orm/better-sqlite3';
import { migrate } from 'drizzle-orm/better-sqlite3/migrator';
import { whyOf } from '../errorCode';
import { BookError } from './bookError';
import { t } from '../words/processWords';
import type { Book, BookFileHandle } from './book';
import { BOOK_NAME, bookSize, keepPrivate, recoverBook, swapIn } from './bookFiles';
import { checkFile } from './checkFile';
import { fillIn } from './cookStore';
import { Damage } from './damage';
import { lockFolder } from './lockFolder';
import * as schema from './schema';

interface Opened extends BookFileHandle, Pick<Book, 'identity' | 'replaces'> {
  readonly schemaVersion: number;
}

const namesOf = ({ db }: Pick<BookFileHandle, 'db'>): Pick<Book, 'identity' | 'replaces'> => {
  const known = db.select().from(schema.books).get();
  if (known) {
    return {
      identity: known.identity,
      replaces: known.replaces.split(',').filter((name) => name !== ''),
    };
  }
  const identity = randomUUID();
  db.insert(schema.books).values({ id: 1, identity }).run();
  return { identity, replaces: [] };
};

/** Predecessors that a logbook remembers. */
const MOST_REPLACED = 50;

/** Notes in a logbook that it is about to take another's place. */
export const replaceBook = (
  next: BookFileHandle,
  { identity, replaces }: Pick<Book, 'identity' | 'replaces'>,
): void => {
  const all = [identity, ...replaces].slice(0, MOST_REPLACED).join(',');
  next.db.update(schema.books).set({ replaces: all }).run();
};

/**
 * A file opened, brought up to the newest schema, with what older ones lack filled in. WAL with full
 * sync: a commit that returned survives a kill and a power cut.
 */
export const openFile = (file: string, migrations: string): Opened => {
  const sqlite = new Database(file);
  try {
    sqlite.pragma('journal_mode = WAL');
    sqlite.pragma('synchronous = FULL');
    sqlite.pragma('foreign_keys = ON');
    sqlite.pragma('busy_timeout = 2000');
    const db = drizzle(sqlite, { schema });
    migrate(db, { migrationsFolder: migrations });
    const applied: unknown = sqlite
      .prepare('select count(*) from __drizzle_migrations')
      .pluck()
      .get();
    const damage = new Damage();
    fillIn({ db, damage });
    return { db, sqlite, damage, schemaVersion: Number(applied), ...namesOf({ db }) };
  } catch (error) {
    sqlite.close();
    throw error;
  }
};

/** Closes a file with everything in it and nothing beside it. */
export const closeFile = ({ sqlite }: Pick<BookFileHandle, 'sqlite'>): void => {
  if (sqlite.open) sqlite.pragma('wal_checkpoint(TRUNCATE)');
  sqlite.close();
};

const prepareFolder = (folder: string): void => {
  try {
    mkdirSync(folder, { recursive: true, mode: 0o700 });
    accessSync(folder, constants.W_OK);
    keepPrivate(folder);
  } catch {
    throw new BookError(t('the-data-folder-is-not-writable', { folder }));
  }
};

/**
 * Opens the logbook in a folder, creating both if they are missing, and updates it to the newest schema. The folder is
 * locked before anything in it is touched.
 * @throws BookError when the folder cannot be written or is locked, or the file is not a logbook
 */
export const openBook = (folder: string, migrations: string): Book => {
  prepareFolder(folder);
  const unlock = lockFolder(folder);
  const file = path.join(folder, BOOK_NAME);
  const open = (): Opened => {
    const size = bookSize(folder);
    if (size === 0) {
      throw new BookError(t('the-logbook-is-empty', { file }));
    }
    if (size !== undefined) {
      const found = checkFile(file, migrations);
      if (!found.ok)
        throw new BookError(t('the-logbook-cannot-be-opened', { file, why: found.why(t) }));
    }
    try {
      return openFile(file, migrations);
    } catch (error) {
      throw new BookError(t('the-logbook-cannot-be-opened', { file, why: whyOf(error) }));
    }
  };
  try {
    const recovered = recoverBook(folder);
    let now = open();
    keepPrivate(folder);
    const followers = new Set<() => void>();
    return {
      get db() {
        return now.db;
      },
      get sqlite() {
        return now.sqlite;
      },
      get damage() {
        return now.damage;
      },
      get schemaVersion() {
        return now.schemaVersion;
      },
      get identity() {
        return now.identity;
      },
      get replaces() {
        return now.replaces;
      },
      folder,
      recovered,
      swap: (at) => {
        closeFile(now);
        try {
          return swapIn(folder, at);
        } finally {
          now = open();
          keepPrivate(folder);
          followers.forEach((heard) => heard());
        }
      },
      onSwap: (heard) => {
        followers.add(heard);
        return () => followers.delete(heard);
      },
      close: () => {
        closeFile(now);
        unlock();
      },
    };
  } catch (error) {
    unlock();
    throw error;
  }
};
