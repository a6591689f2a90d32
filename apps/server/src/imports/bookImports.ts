import { randomUUID } from 'node:crypto';
import { createWriteStream, mkdirSync, rmSync, statSync } from 'node:fs';
import path from 'node:path';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { setTimeout } from 'node:timers/promises';
import { Transform } from 'node:stream';
import { z } from 'zod';
import {
  BOOK_FORMAT,
  bookCookSchema,
  keptKitchenSchema,
  planRecordSchema,
  problemOf,
  trialSchema,
  type BookImport,
  type KeptKitchen,
  type PlanRecord,
} from '@crustan/core/formats';
import type { Trial } from '@crustan/core/trial';
import { kitchenStore } from '../db/kitchenStore';
import type { Book } from '../db/openBook';
import { planStore } from '../db/planStore';
import { trialStore } from '../db/trialStore';
import { Staging } from './staging';
import { readBookFile, type BookEntry } from './readBookFile';

/** Largest book file taken, bytes. */
export const MOST_BOOK_BYTES = 2_000_000_000;
/** Problems told of one by one; more are counted. */
const MOST_PROBLEMS = 50;

interface Job {
  state: BookImport;
  stopped: boolean;
  readonly file: string;
  readonly staging: Staging;
  readonly plans: PlanRecord[];
  readonly trials: Trial[];
  kitchen: KeptKitchen | undefined;
}

export interface BookImports {
  /** Takes a file in, and reads it beside the book: nothing of it is in the book yet. */
  readonly begin: (file: Readable, size: number | undefined) => Promise<BookImport>;
  readonly get: (id: string) => BookImport | undefined;
  /** Puts what was read in the book, all at once. */
  readonly store: (id: string) => BookImport | undefined;
  /** Leaves nothing of it. */
  readonly stop: (id: string) => Promise<BookImport | undefined>;
  /** Whether a file is being read. */
  readonly busy: () => boolean;
  /** Another book is about to take this one's place: nothing is left of what was read for it. */
  readonly stopAll: () => Promise<void>;
}

/** How often it is looked whether a reading has stopped, ms. */
const STOP_LOOK = 20;

const reading = ({ state: { phase } }: Job): boolean =>
  phase === 'receiving' || phase === 'checking';

const nothing = (id: string): BookImport => ({
  id,
  phase: 'receiving',
  progress: 0,
  cooks: 0,
  readings: 0,
  plans: 0,
  trials: 0,
  here: 0,
  kitchen: false,
  problems: [],
  problemCount: 0,
  truncated: false,
});

const placeOf = ({ part, index, value }: BookEntry): string => {
  const named = z.object({ title: z.string() }).safeParse(value);
  const planned = z.object({ plan: z.object({ title: z.string() }) }).safeParse(value);
  const title = named.success ? named.data.title : planned.data?.plan.title;
  const place = index === undefined ? part : `${part}[${index}]`;
  return title === undefined ? place : `${place}, “${title.slice(0, 60)}”`;
};

/** The imports of one server. */
export const bookImports = (book: Book, now: () => number): BookImports => {
  const jobs = new Map<string, Job>();
  const folder = path.join(book.folder, 'imports');
  // What a killed server left half received.
  rmSync(folder, { recursive: true, force: true });

  const change = (job: Job, changed: Partial<BookImport>): void => {
    job.state = { ...job.state, ...changed };
  };
  const problem = (job: Job, where: string, why: string): void => {
    const { problems, problemCount } = job.state;
    change(job, {
      problemCount: problemCount + 1,
      problems: problems.length < MOST_PROBLEMS ? [...problems, { where, why }] : problems,
    });
  };

  const take = (job: Job, entry: BookEntry): void => {
    const { part, value } = entry;
    const parsed = <T>(schema: z.ZodType<T>): T | undefined => {
      const result = schema.safeParse(value);
      if (!result.success)
        problem(job, placeOf(entry), problemOf(result.error).detail.slice(0, 400));
      return result.data;
    };
    if (part === 'cooks') {
      const cook = parsed(bookCookSchema);
      if (!cook) return;
      const staged = job.staging.add(cook, now());
      if (staged === 'here') change(job, { here: job.state.here + 1 });
      else {
        const readings = cook.events.filter(({ kind }) => kind === 'reading').length;
        change(job, {
          cooks: job.state.cooks + 1,
          readings: job.state.readings + readings,
        });
        if (staged > 0) {
          problem(job, placeOf(entry), `${staged} of its events are in another cook already.`);
        }
      }
    } else if (part === 'plans') {
      const plan = parsed(planRecordSchema);
      if (plan) job.plans.push(plan);
      change(job, { plans: job.plans.length });
    } else if (part === 'trials') {
      const trial = parsed(trialSchema);
      if (trial) job.trials.push(trial);
      change(job, { trials: job.trials.length });
    } else if (part === 'kitchen') {
      job.kitchen = parsed(keptKitchenSchema);
      change(job, { kitchen: job.kitchen !== undefined });
    }
  };

  const end = async (job: Job, changed: Partial<BookImport>): Promise<void> => {
    await job.staging.drop();
    rmSync(job.file, { force: true });
    change(job, changed);
  };

  const check = async (job: Job): Promise<void> => {
    const size = Math.max(1, statSync(job.file).size);
    let format: unknown;
    change(job, { phase: 'checking', progress: 0 });
    const read = await readBookFile(job.file, {
      met: (entry) => {
        if (entry.part === 'format') format = entry.value;
        else take(job, entry);
      },
      progress: (bytes) => {
        job.staging.flush();
        change(job, { progress: bytes / size });
      },
      stopped: () => job.stopped,
    });
    if (read.kind === 'stopped') return end(job, { phase: 'stopped' });
    if (read.kind === 'refused') return end(job, { phase: 'refused', refusal: read.why });
    if (format !== BOOK_FORMAT) {
      const said = typeof format === 'string' ? `“${format.slice(0, 40)}”` : 'nothing';
      return end(job, {
        phase: 'refused',
        refusal: `Its format says ${said}; a book says “${BOOK_FORMAT}”.`,
      });
    }
    job.staging.flush();
    rmSync(job.file, { force: true });
    change(job, { phase: 'ready', progress: 1, truncated: read.kind === 'truncated' });
  };

  return {
    busy: () => [...jobs.values()].some(reading),
    get: (id) => jobs.get(id)?.state,
    stopAll: async () => {
      for (const job of jobs.values()) {
        job.stopped = true;
        if (job.state.phase === 'ready') await end(job, { phase: 'stopped' });
      }
    },
    begin: async (source, size) => {
      const id = randomUUID();
      mkdirSync(folder, { recursive: true });
      const job: Job = {
        state: nothing(id),
        stopped: false,
        file: path.join(folder, `${id}.json`),
        staging: new Staging(book, id),
        plans: [],
        trials: [],
        kitchen: undefined,
      };
      jobs.set(id, job);
      let received = 0;
      const counted = new Transform({
        transform: (chunk: Buffer, _encoding, done) => {
          received += chunk.length;
          change(job, { progress: size === undefined ? 0 : Math.min(1, received / size) });
          if (received > MOST_BOOK_BYTES) done(new Error('too large'));
          else done(null, chunk);
        },
      });
      try {
        await pipeline(source, counted, createWriteStream(job.file));
      } catch {
        const large = received > MOST_BOOK_BYTES;
        await end(job, {
          phase: large ? 'refused' : 'stopped',
          ...(large ? { refusal: 'A book file may be 2 GB at most.' } : {}),
        });
        return job.state;
      }
      void check(job).catch(async (error: unknown) => {
        const why = error instanceof Error ? error.message : String(error);
        await end(job, { phase: 'refused', refusal: `It could not be read: ${why}.` });
      });
      return job.state;
    },
    store: (id) => {
      const job = jobs.get(id);
      if (job?.state.phase !== 'ready') return job?.state;
      const [plans, trials] = [planStore(book), trialStore(book)];
      book.db.transaction(() => {
        job.staging.publish();
        job.plans.forEach(plans.put);
        job.trials.forEach((trial) => {
          if (!trials.get(trial.id)) trials.put(trial);
        });
        if (job.kitchen) kitchenStore(book).put(job.kitchen);
      });
      change(job, { phase: 'done', progress: 1 });
      return job.state;
    },
    stop: async (id) => {
      const job = jobs.get(id);
      if (!job) return undefined;
      job.stopped = true;
      if (job.state.phase === 'ready') await end(job, { phase: 'stopped' });
      // Answered once it has really stopped: the reading looks up between two chunks.
      while (reading(job)) await setTimeout(STOP_LOOK);
      return job.state;
    },
  };
};
