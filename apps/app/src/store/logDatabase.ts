import { deleteDB, openDB, type DBSchema, type IDBPDatabase, type IDBPTransaction } from 'idb';
import { z } from 'zod';
import { cookEventSchema } from '@crustan/core/formats/cookEventSchema';
import { logEntrySchema, type LogEntry } from '@crustan/core/formats/logSchema';
import { cookStartSchema } from '@crustan/core/formats/messages';
import { serviceEventSchema, serviceRecordSchema } from '@crustan/core/formats/serviceSchema';
import { UNNAMED_BOOK, type Unreadable } from './logState';
import type { KeptEntry, LogStream } from './logStream';

/** Stored form of an entry: its event's id is the key. */
const keptSchema = z.object({
  id: z.string(),
  stream: z.string(),
  entry: logEntrySchema,
  book: z.string().optional(),
  seq: z.int().optional(),
  refused: z.string().optional(),
});

interface Schema extends DBSchema {
  /** Values are parsed when they are read: an older page may have written them. */
  entries: { key: string; value: unknown; indexes: { stream: string } };
  /** Stores of pages before the one log. They are read once; unreadable records stay there. */
  cooks: { key: string; value: unknown };
  presses: { key: string; value: unknown };
}

export interface Recalled {
  readonly streams: readonly LogStream[];
  readonly unreadable: readonly Unreadable[];
  /** Service that was open on a page of before the one log. */
  readonly openBefore?: string | undefined;
}

const NAME = 'crustan';
const VERSION = 2;
/** An entry counts as kept when the browser has flushed it, not when it has taken note. */
const STRICT = { durability: 'strict' } as const;

/** Records of an older page: a cook, and each of its presses. */
const oldCookSchema = cookStartSchema.strip().extend({ startKnown: z.boolean() });
const oldPressSchema = z.object({
  id: z.string(),
  cook: z.string(),
  event: cookEventSchema,
  known: z.boolean(),
  refused: z.string().optional(),
});
/** Records of a service were in a database of their own. */
const OLD_PASS = 'crustan-pass';
const oldServiceSchema = z.object({
  id: z.string(),
  service: serviceRecordSchema,
  known: z.boolean(),
});
const oldServiceEventSchema = z.object({
  service: z.string(),
  event: serviceEventSchema,
  known: z.boolean(),
});

const recordOf = ({ entry, ...said }: KeptEntry) => ({
  id: entry.event.id,
  stream: entry.stream,
  entry,
  ...Object.fromEntries(Object.entries(said).filter(([, value]) => value !== undefined)),
});

const known = (entry: LogEntry, inBook: boolean, refused?: string): KeptEntry => ({
  entry,
  ...(inBook ? { book: UNNAMED_BOOK } : {}),
  ...(refused === undefined ? {} : { refused }),
});

const fromOldCook = (value: unknown): KeptEntry | undefined => {
  const cook = oldCookSchema.safeParse(value).data;
  if (!cook) return undefined;
  const { id, startedAt: at, plan, together, startKnown } = cook;
  const tie = together ? { together } : {};
  const event = { id, kind: 'opened', at, plan, ...tie } as const;
  return known({ of: 'cook', stream: id, device: '', event }, startKnown);
};

const fromOldPress = (value: unknown): KeptEntry | undefined => {
  const press = oldPressSchema.safeParse(value).data;
  if (!press) return undefined;
  const { cook: stream, event, known: inBook, refused } = press;
  return known({ of: 'cook', stream, device: '', event }, inBook, refused);
};

type Upgrading = IDBPTransaction<Schema, ('entries' | 'cooks' | 'presses')[], 'versionchange'>;

/** Takes over what an older page kept; what cannot be read stays where it is. */
const takeOver = async (upgrading: Upgrading): Promise<void> => {
  const entries = upgrading.objectStore('entries');
  for (const [store, read] of [
    [upgrading.objectStore('cooks'), fromOldCook],
    [upgrading.objectStore('presses'), fromOldPress],
  ] as const) {
    for (const key of await store.getAllKeys()) {
      const kept = read(await store.get(key));
      if (!kept) continue;
      await entries.put(recordOf(kept));
      await store.delete(key);
    }
  }
};

const open = (): Promise<IDBPDatabase<Schema>> =>
  openDB<Schema>(NAME, VERSION, {
    upgrade: async (db, before, _now, upgrading) => {
      db.createObjectStore('entries', { keyPath: 'id' }).createIndex('stream', 'stream');
      if (before === 0) {
        db.createObjectStore('cooks', { keyPath: 'id' });
        db.createObjectStore('presses', { keyPath: 'id' });
      } else await takeOver(upgrading);
    },
    // A newer page needs another version of the database: this page closes it, and opens it again at its next write.
    blocking: (_current, _blocked, event) => {
      if (event.target instanceof IDBDatabase) event.target.close();
    },
  });

/** Services that an older page kept, if there are any: the first is the one that was open. */
const oldServices = async (): Promise<readonly KeptEntry[]> => {
  const names = await indexedDB.databases();
  if (!names.some(({ name }) => name === OLD_PASS)) return [];
  const db = await openDB(OLD_PASS);
  try {
    if (!['services', 'events'].every((name) => [...db.objectStoreNames].includes(name))) return [];
    const services: readonly unknown[] = await db.getAll('services');
    const events: readonly unknown[] = await db.getAll('events');
    return [
      ...services.flatMap((value) => {
        const old = oldServiceSchema.safeParse(value).data;
        if (!old) return [];
        const { id, service } = old;
        const event = { id, kind: 'opened', at: service.opensAt, service } as const;
        return [known({ of: 'service', stream: id, device: '', event }, old.known)];
      }),
      ...events.flatMap((value) => {
        const old = oldServiceEventSchema.safeParse(value).data;
        if (!old) return [];
        const { service: stream, event } = old;
        return [known({ of: 'service', stream, device: '', event }, old.known)];
      }),
    ];
  } finally {
    db.close();
  }
};

/**
 * Log of this device in its own database, one record an entry, so that a write never overwrites anything else: neither
 * another page's entries, nor an unreadable one.
 */
export class LogDatabase {
  private db: Promise<IDBPDatabase<Schema>> | undefined;

  private opened(): Promise<IDBPDatabase<Schema>> {
    this.db ??= open().catch((error: unknown) => {
      // The next write tries again.
      this.db = undefined;
      throw error;
    });
    return this.db;
  }

  /** All stored streams. An unreadable record leaves out only itself. */
  async recall(): Promise<Recalled> {
    const db = await this.opened();
    const before = await oldServices();
    if (before.length > 0) {
      await this.keep(before, []);
      await deleteDB(OLD_PASS);
    }
    const unreadable: Unreadable[] = [];
    const streams = assembled(await db.getAll('entries'), (where, why, value) =>
      unreadable.push({ where, why, value }),
    );
    for (const [name, where, schema] of [
      ['presses', 'a press', oldPressSchema],
      ['cooks', 'a cook', oldCookSchema],
    ] as const) {
      for (const value of await db.getAll(name)) {
        const why = schema.safeParse(value).error?.issues[0]?.message ?? 'unknown';
        unreadable.push({ where, why, value });
      }
    }
    const service = before.find(({ entry }) => entry.of === 'service');
    return { streams, unreadable, openBefore: service?.entry.stream };
  }

  /** One stored stream. */
  async recallStream(id: string): Promise<LogStream | undefined> {
    const db = await this.opened();
    const values = await db.getAllFromIndex('entries', 'stream', id);
    return assembled(values, () => undefined)[0];
  }

  /** Writes entries and deletes others; resolved once that is on the disk. @throws when the device does not keep them */
  async keep(entries: readonly KeptEntry[], dropped: readonly string[]): Promise<void> {
    const db = await this.opened();
    const writing = db.transaction('entries', 'readwrite', STRICT);
    await Promise.all([
      ...entries.map((kept) => writing.store.put(recordOf(kept))),
      ...dropped.map((id) => writing.store.delete(id)),
      writing.done,
    ]);
  }
}

/** Streams of records, each in the order of its events' times. */
const assembled = (
  values: readonly unknown[],
  unreadable: (where: string, why: string, value: unknown) => void,
): readonly LogStream[] => {
  const streams = new Map<string, { of: LogStream['of']; id: string; entries: KeptEntry[] }>();
  for (const value of values) {
    const parsed = keptSchema.safeParse(value);
    if (!parsed.success) {
      unreadable('an entry', parsed.error.issues[0]?.message ?? 'unknown', value);
      continue;
    }
    const { entry, book, seq, refused } = parsed.data;
    const { of, stream: id } = entry;
    const stream = streams.get(id) ?? { of, id, entries: [] };
    stream.entries.push({ entry, book, seq, refused });
    streams.set(id, stream);
  }
  const rank = ({ entry: { event } }: KeptEntry): number => (event.kind === 'opened' ? 0 : 1);
  for (const { entries } of streams.values()) {
    entries.sort((a, b) => rank(a) - rank(b) || a.entry.event.at - b.entry.event.at);
  }
  const began = ({ entries }: LogStream): number => entries[0]?.entry.event.at ?? 0;
  return [...streams.values()].toSorted((a, b) => began(a) - began(b));
};
