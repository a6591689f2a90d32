import { accessSync, constants, statfsSync, statSync } from 'node:fs';
import path from 'node:path';
import { BOOK_NAME } from './db/bookFiles';
import { checkPages } from './db/checkPages';
import type { Book } from './db/book';
import type { Reason } from './words/reason';

/** Free space below which the next steps may not be stored, bytes; a step takes a few kB. */
const LEAST_ROOM = 5_000_000;
/** Pages are checked again after this, and whenever the file changed, ms. */
const CHECKED_FOR = 3_600_000;

type ReadyBook = Pick<Book, 'sqlite' | 'folder'>;

/** Asks whether a server can take presses; the answer is what keeps it from it, undefined if nothing does. */
export type Readiness = () => Promise<Reason | undefined>;

/** Fault that prevents writing to the disk or to the logbook; undefined: writing works. */
const notWritable = ({ sqlite, folder }: ReadyBook): Reason | undefined => {
  try {
    sqlite.pragma('schema_version');
    accessSync(folder, constants.W_OK);
    const { bavail, bsize } = statfsSync(folder);
    return bavail * bsize < LEAST_ROOM ? (t) => t('the-disk-is-full-make-room') : undefined;
  } catch {
    return (t) => t('the-logbook-cannot-be-read-or-written');
  }
};

/** Readiness of a server, with the pages of its book checked when the file changed. */
export const readiness = (book: ReadyBook): Readiness => {
  let checked: { readonly mark: string; readonly at: number; readonly found: string | undefined };
  const pages = async (): Promise<string | undefined> => {
    const file = path.join(book.folder, BOOK_NAME);
    const { mtimeMs, size, ino } = statSync(file);
    const mark = `${mtimeMs} ${size} ${ino}`;
    const at = performance.now();
    if (checked?.mark !== mark || at - checked.at > CHECKED_FOR) {
      checked = { mark, at, found: await checkPages(file) };
    }
    return checked.found;
  };
  return async () => {
    const why = notWritable(book);
    if (why !== undefined) return why;
    const damage = await pages();
    return damage === undefined ? undefined : (t) => t('the-logbook-is-damaged', { damage });
  };
};
