import { asc, eq } from 'drizzle-orm';
import { menuDishSchema, type KeptDish } from '@crustan/core/formats';
import type { Book } from './openBook';
import { dishes } from './schema';

export interface DishStore {
  /** Oldest first. */
  readonly list: () => KeptDish[];
  readonly put: (dish: KeptDish) => void;
  /** A dish of another book; one that is there already stays as it is. */
  readonly bring: (dish: KeptDish) => void;
  readonly remove: (id: string) => boolean;
}

const rowOf = (dish: KeptDish): typeof dishes.$inferInsert => ({
  id: dish.id,
  createdAt: dish.createdAt,
  record: JSON.stringify(dish),
});

/** Dishes of the menu. */
export const dishStore = (book: Book): DishStore => ({
  list: () =>
    book.db
      .select()
      .from(dishes)
      .orderBy(asc(dishes.createdAt), asc(dishes.id))
      .all()
      .flatMap(book.damage.reader('dish', menuDishSchema)),
  put: (dish) => {
    const row = rowOf(dish);
    book.db
      .insert(dishes)
      .values(row)
      .onConflictDoUpdate({ target: dishes.id, set: { record: row.record } })
      .run();
  },
  bring: (dish) => {
    book.db.insert(dishes).values(rowOf(dish)).onConflictDoNothing().run();
  },
  remove: (id) => book.db.delete(dishes).where(eq(dishes.id, id)).run().changes > 0,
});
