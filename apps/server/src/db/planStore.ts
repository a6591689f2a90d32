import { asc, desc, eq, sql } from 'drizzle-orm';
import { planRecordSchema, type PlanRecord } from '@crustan/core/formats';
import type { Book } from './openBook';
import { plans } from './schema';

export interface PlanStore {
  /** The newest of them, newest first. */
  readonly list: () => PlanRecord[];
  /** Every one, oldest first. */
  readonly all: () => PlanRecord[];
  readonly put: (record: PlanRecord) => void;
  readonly remove: (id: string) => boolean;
}

/** Most plans a list shows; older ones are found through their cooks. */
const LISTED = 50;

/** Kept plans. */
export const planStore = (book: Book): PlanStore => {
  const parse = book.damage.reader('plan', planRecordSchema);
  return {
    list: () =>
      book.db
        .select()
        .from(plans)
        .orderBy(desc(plans.createdAt))
        .limit(LISTED)
        .all()
        .flatMap(parse),
    all: () =>
      book.db
        .select()
        .from(plans)
        .orderBy(asc(plans.createdAt), asc(plans.id))
        .all()
        .flatMap(parse),
    put: (record) => {
      const row = {
        id: record.id,
        createdAt: record.createdAt,
        plateAt: record.plateAt,
        record: JSON.stringify(record),
      };
      book.db
        .insert(plans)
        .values(row)
        .onConflictDoUpdate({
          target: plans.id,
          set: { plateAt: sql`excluded.plate_at`, record: sql`excluded.record` },
        })
        .run();
    },
    remove: (id) => book.db.delete(plans).where(eq(plans.id, id)).run().changes > 0,
  };
};
