import { createWriteStream, existsSync, mkdirSync, renameSync, rmSync } from 'node:fs';
import path from 'node:path';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import Database from 'better-sqlite3';
import { BOOK_NAME, openFile, type Book } from '../db/openBook';

export type Restored =
  | { readonly ok: true; readonly cooks: number; readonly before: string }
  | { readonly ok: false; readonly why: string };

/** The last migration there is: a book that has had more is of a later Crustan. */
const checked = (file: string, migrations: string, newest: number): string | undefined => {
  let sqlite: Database.Database | undefined;
  try {
    sqlite = new Database(file, { fileMustExist: true });
    const sound: unknown = sqlite.pragma('quick_check(1)', { simple: true });
    if (sound !== 'ok') return 'The file is damaged: SQLite’s own check fails.';
    const tables = sqlite
      .prepare("select name from sqlite_master where type = 'table'")
      .pluck()
      .all();
    if (!['cooks', 'events', '__drizzle_migrations'].every((name) => tables.includes(name))) {
      return 'It is a SQLite file, but not a Crustan book: it has no cooks.';
    }
    const had = Number(sqlite.prepare('select count(*) from __drizzle_migrations').pluck().get());
    if (had > newest) return 'It was written by a later Crustan; update this one first.';
  } catch {
    return 'It is not a SQLite file; a backup is one.';
  } finally {
    sqlite?.close();
  }
  try {
    openFile(file, migrations).sqlite.close();
    return undefined;
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error);
    return `It cannot be brought up to this Crustan: ${why}.`;
  }
};

/** The WAL beside a closed file belongs to it. */
const SIDE_FILES = ['-wal', '-shm'];

/**
 * Puts a backup in the place of the book while the server runs. The backup is checked and brought up
 * to the newest schema first; the book as it was is kept beside it.
 */
export const restoreBook = async (
  book: Book,
  source: Readable,
  migrations: string,
  now: number,
): Promise<Restored> => {
  const folder = path.join(book.folder, 'imports');
  mkdirSync(folder, { recursive: true });
  const brought = path.join(folder, `restore-${now}.sqlite`);
  const drop = (): void =>
    ['', ...SIDE_FILES].forEach((end) => rmSync(brought + end, { force: true }));
  try {
    await pipeline(source, createWriteStream(brought));
  } catch {
    drop();
    return { ok: false, why: 'It did not arrive whole; nothing was changed.' };
  }
  const wrong = checked(brought, migrations, book.schemaVersion);
  if (wrong !== undefined) {
    drop();
    return { ok: false, why: wrong };
  }
  const before = `book-before-${new Date(now).toISOString().slice(0, 19).replaceAll(':', '')}.sqlite`;
  const place = path.join(book.folder, BOOK_NAME);
  book.swap(() => {
    renameSync(place, path.join(book.folder, before));
    for (const end of SIDE_FILES) rmSync(place + end, { force: true });
    renameSync(brought, place);
    for (const end of SIDE_FILES) {
      if (existsSync(brought + end)) renameSync(brought + end, place + end);
    }
  });
  const cooks = Number(book.sqlite.prepare('select count(*) from cooks').pluck().get());
  return { ok: true, cooks, before };
};
