import { and, asc, desc, eq, lt, or, sql } from 'drizzle-orm';
import {
  planRecordSchema,
  type ListMark,
  type PlanList,
  type PlanRecord,
} from '@crustan/core/formats';
import { nextPage } from './nextPage';
import type { Book } from './book';
import { plans } from './schema';

export interface PlanStore {
  /** A page of plans, newest first. */
  readonly list: (mark?: ListMark) => PlanList;
  /** Every one, oldest first. */
  readonly all: () => PlanRecord[];
  readonly put: (record: PlanRecord) => void;
  readonly remove: (id: string) => boolean;
}

/** Plans to a page of the list. */
const PAGE = 50;

/** Saved plans. */
export const planStore = (book: Book): PlanStore => {
  const parse = book.damage.reader('plan', planRecordSchema);
  return {
    list: (mark) => {
      const rows = book.db
        .select()
        .from(plans)
        .where(
          mark &&
            or(
              lt(plans.createdAt, mark.before),
              and(eq(plans.createdAt, mark.before), lt(plans.id, mark.id)),
            ),
        )
        .orderBy(desc(plans.createdAt), desc(plans.id))
        .limit(PAGE)
        .all();
      return { plans: rows.flatMap(parse), ...nextPage(rows, PAGE) };
    },
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
