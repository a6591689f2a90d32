import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import { z } from 'zod';
import { cookEventSchema } from '@crustan/core/formats/cookEventSchema';
import type { CookEvent } from '@crustan/core/cook/event';
import { emptyCook, startedSchema, type ActiveCook } from './activeCook';

/** A cook without its events, and what the server said of it. */
const cookRecordSchema = startedSchema.extend({ startKnown: z.boolean() });
type CookRecord = z.infer<typeof cookRecordSchema>;

/** One event of a cook, and what the server said of it. */
const pressRecordSchema = z.object({
  id: z.string(),
  cook: z.string(),
  event: cookEventSchema,
  known: z.boolean(),
  refused: z.string().optional(),
});
export interface PressRecord {
  readonly id: string;
  readonly cook: string;
  readonly event: CookEvent;
  readonly known: boolean;
  readonly refused?: string;
}

interface Schema extends DBSchema {
  /** Values are parsed when they are read: an older page may have written them. */
  cooks: { key: string; value: unknown };
  presses: { key: string; value: unknown; indexes: { cook: string } };
}

/** A record that this page cannot read. It stays on the device. */
export interface Unreadable {
  readonly where: string;
  readonly why: string;
  readonly value: unknown;
}

export interface Recalled {
  readonly cooks: readonly ActiveCook[];
  readonly unreadable: readonly Unreadable[];
}

const NAME = 'crustan';
const VERSION = 1;
/** A press counts as kept when the browser has flushed it, not when it has taken note. */
const STRICT = { durability: 'strict' } as const;

const open = (): Promise<IDBPDatabase<Schema>> =>
  openDB<Schema>(NAME, VERSION, {
    upgrade: (db) => {
      db.createObjectStore('cooks', { keyPath: 'id' });
      db.createObjectStore('presses', { keyPath: 'id' }).createIndex('cook', 'cook');
    },
    // A newer page wants another version: this one lets go, and opens again when it next writes.
    blocking: (_current, _blocked, event) => {
      if (event.target instanceof IDBDatabase) event.target.close();
    },
  });

/**
 * The presses of this device in its own database, one record an event, so that nothing that is
 * written overwrites anything else: not another page's presses, and not one that cannot be read.
 */
export class PressStore {
  private db: Promise<IDBPDatabase<Schema>> | undefined;

  private opened(): Promise<IDBPDatabase<Schema>> {
    this.db ??= open().catch((error: unknown) => {
      // Tried anew with the next write.
      this.db = undefined;
      throw error;
    });
    return this.db;
  }

  /** Everything that is kept. A record that cannot be read leaves out itself alone. */
  async recall(): Promise<Recalled> {
    const db = await this.opened();
    return assembled(await db.getAll('cooks'), await db.getAll('presses'));
  }

  /** One cook as it is kept. */
  async recallCook(id: string): Promise<ActiveCook | undefined> {
    const db = await this.opened();
    const cook = await db.get('cooks', id);
    if (cook === undefined) return undefined;
    return assembled([cook], await db.getAllFromIndex('presses', 'cook', id)).cooks[0];
  }

  /** Writes records; resolved once they are on the disk. @throws when the device does not keep them */
  async keep(cooks: readonly CookRecord[], presses: readonly PressRecord[]): Promise<void> {
    const db = await this.opened();
    const writing = db.transaction(['cooks', 'presses'], 'readwrite', STRICT);
    await Promise.all([
      ...cooks.map((cook) => writing.objectStore('cooks').put(cook)),
      ...presses.map((press) => writing.objectStore('presses').put(press)),
      writing.done,
    ]);
  }

  /** Forgets a cook that was put away, and its presses. */
  async forget(id: string): Promise<void> {
    const db = await this.opened();
    const writing = db.transaction(['cooks', 'presses'], 'readwrite', STRICT);
    const presses = writing.objectStore('presses');
    const keys = await presses.index('cook').getAllKeys(id);
    await Promise.all([
      writing.objectStore('cooks').delete(id),
      ...keys.map((key) => presses.delete(key)),
      writing.done,
    ]);
  }
}

const assembled = (cooks: readonly unknown[], presses: readonly unknown[]): Recalled => {
  const unreadable: Unreadable[] = [];
  const read = <T>(where: string, schema: z.ZodType<T>, value: unknown): T | undefined => {
    const parsed = schema.safeParse(value);
    if (parsed.success) return parsed.data;
    unreadable.push({ where, why: parsed.error.issues[0]?.message ?? 'unknown', value });
    return undefined;
  };
  const all = presses.flatMap((value) => read('a press', pressRecordSchema, value) ?? []);
  const found = cooks.flatMap((value): ActiveCook[] => {
    const cook = read('a cook', cookRecordSchema, value);
    if (!cook) return [];
    const { startKnown, ...started } = cook;
    const mine = all.filter((press) => press.cook === cook.id);
    return [
      {
        ...emptyCook(started),
        startKnown,
        events: mine.map(({ event }) => event).toSorted((a, b) => a.at - b.at),
        known: mine.filter(({ known }) => known).map(({ id }) => id),
        refused: Object.fromEntries(
          mine.flatMap(({ id, refused }) => (refused === undefined ? [] : [[id, refused]])),
        ),
      },
    ];
  });
  return { cooks: found.toSorted((a, b) => a.startedAt - b.startedAt), unreadable };
};
