import type { DemandDay } from '@crustan/core/par';
import { z } from 'zod';
import type { Book } from './book';

const rowSchema = z.object({ date: z.string(), dish: z.string(), count: z.int() });

export interface DemandStore {
  /** Counts of each day and dish, over all services of the day. */
  readonly list: () => readonly DemandDay[];
  /** Every row with its service, for files. */
  readonly all: () => readonly DemandDay[];
  /**
   * Stores the count of one dish on one day. A service's count stands beside those of other services of the day and
   * replaces its own; a table's count replaces all.
   */
  readonly put: (day: DemandDay) => void;
}

/** Orders of past days. */
export const demandStore = ({ sqlite }: Pick<Book, 'sqlite'>): DemandStore => {
  const sums = sqlite.prepare(
    'select date, dish, sum(count) as count from demand group by date, dish order by date, dish',
  );
  const every = sqlite.prepare(
    'select date, dish, count, source from demand order by date, dish, source',
  );
  const others = sqlite.prepare('delete from demand where date = ? and dish = ?');
  const insert = sqlite.prepare(
    `insert into demand (date, dish, count, source) values (?, ?, ?, ?)
     on conflict (date, dish, source) do update set count = excluded.count`,
  );
  return {
    list: () => z.array(rowSchema).parse(sums.all()),
    all: () =>
      z
        .array(rowSchema.extend({ source: z.string() }))
        .parse(every.all())
        .map(({ source, ...day }) => (source === '' ? day : { ...day, source })),
    put: ({ date, dish, count, source = '' }) => {
      if (source === '') others.run(date, dish);
      insert.run(date, dish, count, source);
    },
  };
};
