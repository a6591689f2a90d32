import { asc, desc } from 'drizzle-orm';
import {
  practiceResultSchema,
  type PracticeResultRecord,
} from '@crustan/core/formats/practiceSchema';
import type { Book } from './book';
import { practice } from './schema';

export interface PracticeStore {
  /** The newest results, oldest first. */
  readonly list: () => PracticeResultRecord[];
  /** Every one, oldest first. */
  readonly all: () => PracticeResultRecord[];
  /** Stores a result; an existing one stays unchanged. */
  readonly put: (record: PracticeResultRecord) => void;
}

/** Most results a list has: some years of practice. */
const LISTED = 500;

/** Results of lessons and drills. */
export const practiceStore = (book: Book): PracticeStore => {
  const parse = book.damage.reader('practice', practiceResultSchema);
  return {
    list: () =>
      book.db
        .select()
        .from(practice)
        .orderBy(desc(practice.at))
        .limit(LISTED)
        .all()
        .flatMap(parse)
        .toReversed(),
    all: () =>
      book.db
        .select()
        .from(practice)
        .orderBy(asc(practice.at), asc(practice.id))
        .all()
        .flatMap(parse),
    put: (record) => {
      const { id, at } = record;
      book.db
        .insert(practice)
        .values({ id, at, record: JSON.stringify(record) })
        .onConflictDoNothing()
        .run();
    },
  };
};
