import { randomUUID } from 'node:crypto';
import { createWriteStream, mkdirSync, rmSync, statSync } from 'node:fs';
import path from 'node:path';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { setTimeout as wait } from 'node:timers/promises';
import type { z } from 'zod';
import {
  BOOK_FORMAT,
  bookCookSchema,
  keptKitchenSchema,
  problemOf,
  type BookCook,
  type BookImport,
  type KeptKitchen,
} from '@crustan/core/formats';
import { kitchenStore } from '../db/kitchenStore';
import type { Book } from '../db/book';
import { pictureType } from '../db/photoStore';
import { dropPending } from '../db/cookStore';
import type { LongWork } from '../longWork';
import { isDiskFull, whyOf } from '../errorCode';
import type { ServerWords } from '../words/serverWords';
import { countBytes } from './countBytes';
import { emptyImport } from './emptyImport';
import { keptParts } from './keptParts';
import { placeOf } from './placeOf';
import { Staging } from './staging';
import { readBookFile, type BookEntry } from './readBookFile';

/** Largest book file taken, bytes. */
export const MOST_BOOK_BYTES = 2_000_000_000;
/**
 * Number of problems that are reported one by one; further ones are counted, up to the limit at which the file is
 * rejected.
 */
const MOST_PROBLEMS = 50;
const MOST_LEFT_OUT = 5000;
/** Time after which a finished import is forgotten, and one that waits to be stored is removed, ms. */
const FORGOTTEN_AFTER = 10 * 60_000;
const WAITS_AT_MOST = 60 * 60_000;

interface Job {
  state: BookImport;
  /** Formats messages in the language of the user who sent the file. */
  readonly t: ServerWords;
  stopped: boolean;
  /** Its parts are being written. */
  storing: boolean;
  readonly file: string;
  readonly staging: Staging;
  /** Ends its claim on the logbook. */
  readonly end: () => void;
  forgotten: ReturnType<typeof setTimeout> | undefined;
  /** Titles of the cooks held back, for messages about them. */
  readonly titles: Map<string, string>;
  readonly parts: ReturnType<typeof keptParts>;
  kitchen: KeptKitchen | undefined;
}

export interface BookImports {
  /** Receives and reads a file outside the logbook; the logbook is unchanged until then. */
  readonly begin: (file: Readable, size: number | undefined, t: ServerWords) => Promise<BookImport>;
  readonly get: (id: string) => BookImport | undefined;
  /** Writes what was read into the logbook: small parts in slices, then the cooks together. */
  readonly store: (id: string) => Promise<BookImport | undefined>;
  /** Removes the import. */
  readonly stop: (id: string) => Promise<BookImport | undefined>;
  /** Removes the waiting imports before another logbook takes this one's place. */
  readonly dropWaiting: () => Promise<void>;
}

/** Interval at which a stopped import is noticed, ms. */
const STOP_LOOK = 20;

const reading = ({ state: { phase } }: Job): boolean =>
  phase === 'receiving' || phase === 'checking';

const importsFolder = ({ folder }: Book): string => path.join(folder, 'imports');

/** Clears away what a killed server left: files half received, and cooks that are in no list. */
export const cleanUpImports = (book: Book): void => {
  rmSync(importsFolder(book), { recursive: true, force: true });
  dropPending(book);
};

/** The imports of one server. */
export const bookImports = (book: Book, work: LongWork, now: () => number): BookImports => {
  const jobs = new Map<string, Job>();
  const folder = importsFolder(book);

  const change = (job: Job, changed: Partial<BookImport>): void => {
    job.state = { ...job.state, ...changed };
  };
  const leaveOut = (job: Job, where: string, why: string): void => {
    const { problems, problemCount } = job.state;
    change(job, {
      problemCount: problemCount + 1,
      problems: problems.length < MOST_PROBLEMS ? [...problems, { where, why }] : problems,
    });
  };

  /** Writes the cooks held back, and reports events that another cook has already. */
  const flush = (job: Job): void => {
    for (const { cook, events } of job.staging.flush()) {
      const title = job.titles.get(cook) ?? cook;
      leaveOut(job, job.t('cook-titled', { title }), job.t('events-in-another-cook', { events }));
    }
    job.titles.clear();
  };

  /**
   * Adds an entry.
   * @returns the reason why the file is not a logbook, once too many entries are invalid
   */
  const take = (job: Job, entry: BookEntry): string | undefined => {
    const { part, value } = entry;
    const leftOut = (wrong: z.ZodError): void =>
      leaveOut(job, placeOf(entry), problemOf(wrong).detail.slice(0, 400));
    const parsed = <T>(schema: z.ZodType<T>): T | undefined => {
      const { data, error } = schema.safeParse(value);
      if (error) leftOut(error);
      return data;
    };
    if (part === 'cooks') {
      const cook = parsed(bookCookSchema);
      if (cook) takeCook(job, cook);
    } else if (part === 'kitchen') {
      job.kitchen = parsed(keptKitchenSchema);
      change(job, { kitchen: job.kitchen !== undefined });
    } else if (part !== 'format') {
      const wrong = job.parts[part].take(value);
      if (wrong) leftOut(wrong);
      change(job, { [part]: job.parts[part].count() });
    }
    return job.state.problemCount > MOST_LEFT_OUT
      ? job.t('more-than-invalid', { most: String(MOST_LEFT_OUT) })
      : undefined;
  };

  const takeCook = (job: Job, sent: BookCook): void => {
    const cook = pictured(job, sent);
    const met = job.staging.add(cook, now());
    const { here, back, cooks, readings } = job.state;
    if (met === 'here') change(job, { here: here + 1 });
    if (met === 'deleted') change(job, { back: back + 1 });
    if (met !== 'staged') return;
    job.titles.set(cook.id, cook.plan.title.slice(0, 60));
    const more = cook.events.filter(({ kind }) => kind === 'reading').length;
    change(job, { cooks: cooks + 1, readings: readings + more });
    if (job.staging.full) flush(job);
  };

  /** A cook whose photograph is what its bytes are, or is left out. */
  const pictured = (job: Job, cook: BookCook): BookCook => {
    const { photo, ...rest } = cook;
    if (!photo) return cook;
    const type = pictureType(Buffer.from(photo.data, 'base64'));
    if (type !== undefined) return { ...rest, photo: { ...photo, type } };
    const title = cook.plan.title.slice(0, 60);
    leaveOut(job, job.t('photograph-of', { title }), job.t('no-known-picture'));
    return rest;
  };

  const end = async (job: Job, changed: Partial<BookImport>): Promise<void> => {
    try {
      await job.staging.drop();
    } finally {
      rmSync(job.file, { force: true });
      change(job, changed);
      job.end();
      forgetLater(job);
    }
  };

  const forgetLater = (job: Job): void => {
    clearTimeout(job.forgotten);
    job.forgotten = setTimeout(() => jobs.delete(job.state.id), FORGOTTEN_AFTER);
    job.forgotten.unref();
  };

  const check = async (job: Job): Promise<void> => {
    const size = Math.max(1, statSync(job.file).size);
    let format: unknown;
    change(job, { phase: 'checking', progress: 0 });
    const read = await readBookFile(job.file, {
      met: (entry) => {
        if (entry.part !== 'format') return take(job, entry);
        format = entry.value;
        return undefined;
      },
      progress: (bytes) => change(job, { progress: bytes / size }),
      stopped: () => job.stopped,
    });
    if (read.kind === 'stopped') return end(job, { phase: 'stopped' });
    if (read.kind === 'refused') return end(job, { phase: 'refused', refusal: read.why });
    if (format !== BOOK_FORMAT) {
      const said = typeof format === 'string' ? `“${format.slice(0, 40)}”` : 'nothing';
      return end(job, {
        phase: 'refused',
        refusal: job.t('format-of-a-logbook', { said, format: BOOK_FORMAT }),
      });
    }
    flush(job);
    rmSync(job.file, { force: true });
    change(job, { phase: 'ready', progress: 1, truncated: read.kind === 'truncated' });
    job.end();
    job.forgotten = setTimeout(() => void end(job, { phase: 'stopped' }), WAITS_AT_MOST);
    job.forgotten.unref();
  };

  return {
    get: (id) => jobs.get(id)?.state,
    dropWaiting: async () => {
      for (const job of jobs.values()) {
        if (job.state.phase === 'ready' && !job.storing) await end(job, { phase: 'stopped' });
      }
    },
    begin: async (source, size, t) => {
      const ended = work.begin('reading', 'changes');
      const id = randomUUID();
      mkdirSync(folder, { recursive: true });
      const job: Job = {
        state: emptyImport(id),
        t,
        stopped: false,
        storing: false,
        file: path.join(folder, `${id}.json`),
        staging: new Staging(book, id),
        end: ended,
        forgotten: undefined,
        titles: new Map(),
        parts: keptParts(),
        kitchen: undefined,
      };
      jobs.set(id, job);
      const received = countBytes(MOST_BOOK_BYTES, (bytes) =>
        change(job, { progress: size === undefined ? 0 : Math.min(1, bytes / size) }),
      );
      try {
        await pipeline(source, received.through, createWriteStream(job.file));
      } catch (error) {
        const refusal = received.tooMany()
          ? t('may-be-2-gb')
          : isDiskFull(error)
            ? t('disk-full-make-room')
            : undefined;
        await end(
          job,
          refusal === undefined ? { phase: 'stopped' } : { phase: 'refused', refusal },
        );
        return job.state;
      }
      const failed = async (error: unknown): Promise<void> => {
        const why = isDiskFull(error) ? t('the-disk-is-full') : whyOf(error);
        await end(job, { phase: 'refused', refusal: t('could-not-be-read', { why }) });
      };
      // If this cannot be stored either, the server is closing: the next start removes the import.
      check(job)
        .catch(failed)
        .catch(() => undefined);
      return job.state;
    },
    store: async (id) => {
      const job = jobs.get(id);
      if (job?.state.phase !== 'ready' || job.storing) return job?.state;
      const stored = work.begin('import', 'changes');
      job.storing = true;
      try {
        for (const part of Object.values(job.parts)) await part.store(book, now());
        // The cooks come last and together: a file whose cooks are there is in the logbook whole.
        book.db.transaction(() => {
          job.staging.publish();
          if (job.kitchen) kitchenStore(book).bring(job.kitchen, now());
        });
      } finally {
        job.storing = false;
        stored();
      }
      change(job, { phase: 'done', progress: 1 });
      forgetLater(job);
      return job.state;
    },
    stop: async (id) => {
      const job = jobs.get(id);
      if (!job) return undefined;
      job.stopped = true;
      if (job.state.phase === 'ready') await end(job, { phase: 'stopped' });
      // Answered once it has really stopped: the reading looks up between two chunks.
      while (reading(job)) await wait(STOP_LOOK);
      return job.state;
    },
  };
};
