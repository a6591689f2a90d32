import { accessSync, constants, mkdirSync } from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';
import { drizzle, type BetterSQLite3Database } from 'drizzle-orm/better-sqlite3';
import { migrate } from 'drizzle-orm/better-sqlite3/migrator';
import * as schema from './schema';

/** The open book: one SQLite file, every acknowledged write on disk. */
export interface Book {
  readonly db: BetterSQLite3Database<typeof schema>;
  /** Migrations this book has had. */
  readonly schemaVersion: number;
  readonly close: () => void;
}

/** Why a book cannot be opened, in a line. */
export class BookError extends Error {}

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
  const file = path.join(folder, 'book.sqlite');
  let sqlite: Database.Database | undefined;
  try {
    sqlite = new Database(file);
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
    const open = sqlite;
    return { db, schemaVersion: Number(applied), close: () => open.close() };
  } catch (error) {
    sqlite?.close();
    const why = error instanceof Error ? error.message : String(error);
    throw new BookError(`The book ${file} cannot be opened: ${why}.`);
  }
};
