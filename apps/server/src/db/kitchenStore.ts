import { eq } from 'drizzle-orm';
import { keptKitchenSchema, type KeptKitchen } from '@crustan/core/formats';
import type { Book } from './openBook';
import { kitchens } from './schema';

/** The kitchen, and how often it has been changed. */
export interface VersionedKitchen extends KeptKitchen {
  readonly version: number;
}

/** Before the first kitchen is kept. */
export const NO_VERSION = 0;

export interface KitchenStore {
  readonly get: () => VersionedKitchen | undefined;
  /**
   * Keeps a kitchen that was changed from a version. Undefined, and nothing changed, when that is no
   * longer the present one: another phone was first.
   */
  readonly put: (
    kitchen: KeptKitchen['kitchen'],
    from: number,
    at: number,
  ) => VersionedKitchen | undefined;
  /** Takes a file's kitchen, unless the book's own was changed later. */
  readonly bring: (kept: KeptKitchen, now: number) => void;
}

/** There is one kitchen in a book. */
const ONLY = 1;

export const kitchenStore = (book: Book): KitchenStore => {
  const row = () => book.db.select().from(kitchens).where(eq(kitchens.id, ONLY)).get();
  const get = (): VersionedKitchen | undefined => {
    const kept = row();
    return (
      kept &&
      book.damage.read('the kitchen', () => ({
        ...keptKitchenSchema.parse({ kitchen: JSON.parse(kept.record), changedAt: kept.changedAt }),
        version: kept.version,
      }))
    );
  };
  const write = (kitchen: KeptKitchen['kitchen'], version: number, changedAt: number): void => {
    const values = { id: ONLY, changedAt, version, record: JSON.stringify(kitchen) };
    book.db
      .insert(kitchens)
      .values(values)
      .onConflictDoUpdate({ target: kitchens.id, set: values })
      .run();
  };
  return {
    get,
    put: (kitchen, from, at) => {
      const present = row()?.version ?? NO_VERSION;
      if (present !== from) return undefined;
      write(kitchen, present + 1, at);
      return { kitchen, changedAt: at, version: present + 1 };
    },
    bring: ({ kitchen, changedAt }, now) => {
      const present = row();
      // A clock that was ahead does not win for ever.
      if (present && Math.min(present.changedAt, now) > Math.min(changedAt, now)) return;
      write(kitchen, (present?.version ?? NO_VERSION) + 1, Math.min(changedAt, now));
    },
  };
};
