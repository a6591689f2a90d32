import { createWriteStream, mkdirSync } from 'node:fs';
import path from 'node:path';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import Database from 'better-sqlite3';
import { NEXT_NAME, removeFile } from '../db/bookFiles';
import { checkFile } from '../db/checkFile';
import type { Book } from '../db/book';
import { closeFile, openFile, replaceBook } from '../db/openBook';
import { errorCode, isDiskFull, whyOf } from '../errorCode';
import type { Reason } from '../words/reason';
import { copyBook, type CopiedBook } from './copyBook';
import { countBytes } from './countBytes';

export type Restored =
  | ({ readonly ok: true; readonly before: string } & CopiedBook)
  | { readonly ok: false; readonly why: Reason };

/** Whether copying failed because of the file's contents, not of this machine. */
const isUnfit = (error: unknown): boolean =>
  /^SQLITE_(ERROR|CONSTRAINT|MISMATCH|CORRUPT)/.test(errorCode(error) ?? '');

/** Largest backup taken, bytes. */
export const MOST_BACKUP_BYTES = 2_000_000_000;

/**
 * Puts a backup in the place of the logbook while the server runs. The received file is never opened as the logbook: it
 * is checked, then copied row by row, each through the schema, into a new logbook of this version, which takes the old
 * one's place in one rename. The former logbook stays beside it.
 */
export const restoreBook = async (
  book: Book,
  source: Readable,
  migrations: string,
  now: number,
): Promise<Restored> => {
  const folder = path.join(book.folder, 'imports');
  mkdirSync(folder, { recursive: true });
  const brought = path.join(folder, `restore-${now}-${process.hrtime.bigint()}.sqlite`);
  const next = path.join(book.folder, NEXT_NAME);
  const refuse = (why: Reason): Restored => ({ ok: false, why });
  const received = countBytes(MOST_BACKUP_BYTES);
  try {
    try {
      await pipeline(source, received.through, createWriteStream(brought));
    } catch (error) {
      if (isDiskFull(error)) throw error;
      const tooMany = received.tooMany();
      return refuse((t) => t(tooMany ? 'a-backup-may-be-2-gb' : 'it-did-not-arrive-whole'));
    }
    const found = checkFile(brought, migrations);
    if (!found.ok) return refuse((t) => t('the-file-was-not-taken', { why: found.why(t) }));
    removeFile(next);
    const from = new Database(brought, { readonly: true, fileMustExist: true });
    const to = openFile(next, migrations);
    let copied: CopiedBook;
    try {
      from.pragma('trusted_schema = OFF');
      // A half-made copy is useless: only the complete one must be on the disk.
      to.sqlite.pragma('synchronous = OFF');
      copied = await copyBook(from, to);
      replaceBook(to, book);
    } catch (error) {
      // Missing columns or repeated ids: the file is damaged.
      if (!isUnfit(error)) throw error;
      return refuse((t) =>
        t('the-file-was-not-taken', { why: t('its-tables-do-not-fit', { why: whyOf(error) }) }),
      );
    } finally {
      from.close();
      closeFile(to);
    }
    return { ok: true, before: book.swap(now), ...copied };
  } finally {
    removeFile(brought);
    removeFile(next);
  }
};
