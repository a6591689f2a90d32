import { desc, eq } from 'drizzle-orm';
import { trialSchema } from '@crustan/core/formats';
import type { Trial } from '@crustan/core/trial';
import type { Book } from './book';
import { trials } from './schema';

export interface TrialStore {
  readonly list: () => Trial[];
  readonly get: (id: string) => Trial | undefined;
  readonly put: (trial: Trial) => void;
  readonly remove: (id: string) => boolean;
}

/** Trials, newest first. */
export const trialStore = (book: Book): TrialStore => {
  const parse = book.damage.reader('trial', trialSchema);
  return {
    list: () => book.db.select().from(trials).orderBy(desc(trials.createdAt)).all().flatMap(parse),
    get: (id) => {
      const row = book.db.select().from(trials).where(eq(trials.id, id)).get();
      return row && parse(row)[0];
    },
    put: (trial) => {
      const row = { id: trial.id, createdAt: trial.createdAt, record: JSON.stringify(trial) };
      book.db
        .insert(trials)
        .values(row)
        .onConflictDoUpdate({ target: trials.id, set: { record: row.record } })
        .run();
    },
    remove: (id) => book.db.delete(trials).where(eq(trials.id, id)).run().changes > 0,
  };
};
