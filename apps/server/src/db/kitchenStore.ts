import { eq } from 'drizzle-orm';
import { keptKitchenSchema, type KeptKitchen } from '@crustan/core/formats';
import type { Book } from './openBook';
import { kitchens } from './schema';

export interface KitchenStore {
  readonly get: () => KeptKitchen | undefined;
  /** Keeps it unless a later one is kept already. */
  readonly put: (kept: KeptKitchen) => void;
}

/** There is one kitchen in a book. */
const ONLY = 1;

export const kitchenStore = (book: Book): KitchenStore => {
  const get = (): KeptKitchen | undefined => {
    const row = book.db.select().from(kitchens).where(eq(kitchens.id, ONLY)).get();
    return (
      row && keptKitchenSchema.parse({ kitchen: JSON.parse(row.record), changedAt: row.changedAt })
    );
  };
  return {
    get,
    put: ({ kitchen, changedAt }) => {
      const last = get();
      if (last && last.changedAt > changedAt) return;
      const row = { id: ONLY, changedAt, record: JSON.stringify(kitchen) };
      book.db
        .insert(kitchens)
        .values(row)
        .onConflictDoUpdate({ target: kitchens.id, set: row })
        .run();
    },
  };
};
