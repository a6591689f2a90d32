import { and, asc, eq, isNull, sql } from 'drizzle-orm';
import { menuDishSchema, type KeptDish } from '@crustan/core/formats';
import { plausible } from '../plausible';
import type { Book } from './book';
import { books, dishes } from './schema';

export interface DishStore {
  /** Oldest first, those that were taken off the menu included. */
  readonly list: () => KeptDish[];
  /** Counted at every change. */
  readonly version: () => number;
  readonly put: (dish: KeptDish) => void;
  /** Adds a dish of another logbook; an existing one stays unchanged. */
  readonly bring: (dish: KeptDish) => void;
  /** Takes a dish off the menu; services of the past still name it. */
  readonly remove: (id: string, at: number) => boolean;
}

const rowOf = ({ removedAt, ...dish }: KeptDish): typeof dishes.$inferInsert => ({
  id: dish.id,
  createdAt: dish.createdAt,
  record: JSON.stringify(dish),
  removedAt: removedAt ?? null,
});

/** Dishes of the menu. */
export const dishStore = (book: Book): DishStore => {
  const read = book.damage.reader('dish', menuDishSchema);
  const count = (): void => {
    book.db
      .update(books)
      .set({ menuVersion: sql`${books.menuVersion} + 1` })
      .run();
  };
  /** Changes the menu and counts its version, both or neither. @returns whether anything changed */
  const change = (write: () => { readonly changes: number }): boolean =>
    book.db.transaction(() => {
      const changed = write().changes > 0;
      if (changed) count();
      return changed;
    });
  return {
    version: () => book.db.select().from(books).get()?.menuVersion ?? 1,
    list: () =>
      book.db
        .select()
        .from(dishes)
        .orderBy(asc(dishes.createdAt), asc(dishes.id))
        .all()
        .flatMap((row) =>
          read(row).map((dish) =>
            row.removedAt === null ? dish : { ...dish, removedAt: plausible(row.removedAt) },
          ),
        ),
    put: (dish) => {
      const row = rowOf(dish);
      change(() =>
        book.db
          .insert(dishes)
          .values(row)
          .onConflictDoUpdate({
            target: dishes.id,
            set: { record: row.record, removedAt: row.removedAt },
          })
          .run(),
      );
    },
    bring: (dish) => {
      change(() => book.db.insert(dishes).values(rowOf(dish)).onConflictDoNothing().run());
    },
    remove: (id, at) =>
      change(() =>
        book.db
          .update(dishes)
          .set({ removedAt: at })
          .where(and(eq(dishes.id, id), isNull(dishes.removedAt)))
          .run(),
      ),
  };
};
