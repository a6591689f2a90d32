import { existsSync, mkdirSync, readdirSync, renameSync } from 'node:fs';
import path from 'node:path';
import { flushToDisk, removeFile } from '../db/bookFiles';
import { checkFile } from '../db/checkFile';
import { t } from '../words/processWords';
import { plausible } from '../plausible';
import type { Book } from '../db/book';

interface Options {
  /** Number of daily backups to keep; 0: no backups. */
  readonly kept: number;
  readonly migrations: string;
  readonly now: () => number;
  readonly say: (line: string) => void;
}

export interface DailyBackups {
  /** Makes today's backup unless it is there. @returns its file; undefined: it was there, or is not wanted */
  readonly make: () => Promise<string | undefined>;
  readonly stop: () => void;
}

const FOLDER = 'backups';
const NAME = /^book-\d{4}-\d{2}-\d{2}\.sqlite$/;
/** Interval of the check, ms: a machine that sleeps makes its backup when it wakes. */
const LOOKED_AT = 3600_000;
/** Pages of the logbook copied between two breaths. */
const PAGES = 400;

const dayOf = (now: number): string => new Date(now).toISOString().slice(0, 10);

/** A backup of the logbook a day, each opened and checked before it has its name; the oldest go. */
export const dailyBackups = (book: Book, { kept, migrations, now, say }: Options): DailyBackups => {
  const folder = path.join(book.folder, FOLDER);
  const makeToday = async (): Promise<string | undefined> => {
    mkdirSync(folder, { recursive: true, mode: 0o700 });
    // A clock that was never set would name a backup of long ago, and the next ones would be the first to go.
    if (now() !== plausible(now())) throw new Error(t('the-clock-is-not-set'));
    const today = `book-${dayOf(now())}.sqlite`;
    const file = path.join(folder, today);
    if (existsSync(file)) return undefined;
    const copy = path.join(folder, 'being-made.sqlite');
    removeFile(copy);
    try {
      await book.sqlite.backup(copy, { progress: () => PAGES });
      const found = checkFile(copy, migrations);
      if (!found.ok) throw new Error(t('the-copy-does-not-open', { why: found.why(t) }));
      flushToDisk(copy);
      renameSync(copy, file);
    } finally {
      removeFile(copy);
    }
    for (const old of readdirSync(folder)
      .filter((name) => NAME.test(name))
      // One that is dated in the future was made by a clock that ran ahead: it goes first.
      .toSorted((a, b) => Number(a <= today) - Number(b <= today) || (a < b ? -1 : 1))
      .slice(0, -kept)) {
      removeFile(path.join(folder, old));
    }
    return file;
  };
  let making: Promise<string | undefined> = Promise.resolve(undefined);
  /** One at a time: the second finds the first one's file there. */
  const make = (): Promise<string | undefined> => {
    if (kept === 0) return Promise.resolve(undefined);
    making = making.catch(() => undefined).then(makeToday);
    return making;
  };
  const look = (): void => {
    make().catch((error: unknown) => {
      say(
        `Today’s backup was not made: ${error instanceof Error ? error.message : String(error)}.`,
      );
    });
  };
  look();
  const timer = setInterval(look, LOOKED_AT);
  timer.unref();
  return { make, stop: () => clearInterval(timer) };
};
