import { asc, sql } from 'drizzle-orm';
import type { DemandDay } from '@crustan/core/par';
import type { Book } from './openBook';
import { demand } from './schema';

export interface DemandStore {
  readonly list: () => readonly DemandDay[];
  /** A day and dish that is there already takes the new count. */
  readonly put: (days: readonly DemandDay[]) => void;
}

/** What was ordered on past days. */
export const demandStore = (book: Book): DemandStore => ({
  list: () => book.db.select().from(demand).orderBy(asc(demand.date), asc(demand.dish)).all(),
  put: (days) => {
    book.db.transaction((tx) => {
      for (const day of days) {
        tx.insert(demand)
          .values(day)
          .onConflictDoUpdate({
            target: [demand.date, demand.dish],
            set: { count: sql`excluded.count` },
          })
          .run();
      }
    });
  },
});
