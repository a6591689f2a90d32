import { accessSync, constants, mkdirSync } from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';
import { drizzle, type BetterSQLite3Database } from 'drizzle-orm/better-sqlite3';
import { migrate } from 'drizzle-orm/better-sqlite3/migrator';
import { dropPending, fillIn } from './cookStore';
import * as schema from './schema';

/** The open book: one SQLite file, every acknowledged write on disk. */
export interface Book {
  /** The file as it is open now: another one after a restore. */
  readonly db: BetterSQLite3Database<typeof schema>;
  readonly sqlite: Database.Database;
  readonly folder: string;
  /** Migrations this book has had. */
  readonly schemaVersion: number;
  /** Closes the file, lets `change` put another in its place, and opens that. */
  readonly swap: (change: () => void) => void;
  readonly close: () => void;
}

/** Why a book cannot be opened, in a line. */
export class BookError extends Error {}

export const BOOK_NAME = 'book.sqlite';

/** A file opened, brought up to the newest schema, with what older ones lack filled in. */
export const openFile = (
  file: string,
  migrations: string,
): Pick<Book, 'db' | 'sqlite' | 'schemaVersion'> => {
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
    fillIn({ db });
    dropPending({ db });
    return { db, sqlite, schemaVersion: Number(applied) };
  } catch (error) {
    sqlite.close();
    throw error;
  }
};

/**
 * Opens the book in a folder, making both when they are missing, and brings it up to the newest
 * schema. WAL with full sync: a commit that returned survives a kill and a power cut.
 * @throws BookError when the folder cannot be written, or the file is not a book
 */
export const openBook = (folder: string, migrations: string): Book => {
  try {
    mkdirSync(folder, { recursive: true });
    accessSync(folder, constants.W_OK);
  } catch {
    throw new BookError(`The data folder ${folder} cannot be written; choose one that can be.`);
  }
  const file = path.join(folder, BOOK_NAME);
  const open = () => {
    try {
      return openFile(file, migrations);
    } catch (error) {
      const why = error instanceof Error ? error.message : String(error);
      throw new BookError(`The book ${file} cannot be opened: ${why}.`);
    }
  };
  let now = open();
  return {
    get db() {
      return now.db;
    },
    get sqlite() {
      return now.sqlite;
    },
    get schemaVersion() {
      return now.schemaVersion;
    },
    folder,
    swap: (change) => {
      now.sqlite.close();
      try {
        change();
      } finally {
        now = open();
      }
    },
    close: () => now.sqlite.close(),
  };
};
