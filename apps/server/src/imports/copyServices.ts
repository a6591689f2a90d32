import type Database from 'better-sqlite3';
import { practiceResultSchema } from '@crustan/core/formats/practiceSchema';
import { menuDishSchema, serviceRecordSchema } from '@crustan/core/formats';
import { openService } from '../db/logStore';
import type { BookFileHandle } from '../db/book';
import { openedEvent } from '../db/serviceStore';
import { demand, dishes, practice } from '../db/schema';

/** A row of any table, unchecked. */
type Row = Readonly<Record<string, unknown>>;

interface Copying {
  readonly from: Database.Database;
  readonly to: BookFileHandle;
  readonly rowsOf: (from: Database.Database, table: string, order: string) => Iterable<Row>;
  /** Reads what may be unreadable; what is, is named and left out. */
  readonly tried: <T>(where: string, read: () => T) => T | undefined;
  /** After every row. */
  readonly next: () => Promise<void>;
}

const textOf = (value: unknown): string => (typeof value === 'string' ? value : '');
const numberOf = (value: unknown, otherwise: number): number =>
  typeof value === 'number' ? value : otherwise;

/** Copies the menu, the services without their events, the demand and what was practised of a logbook into a new one. */
export const copyServices = async ({ from, to, rowsOf, tried, next }: Copying): Promise<void> => {
  const parsedRecord = (found: Row): unknown => JSON.parse(textOf(found['record']));
  for (const found of rowsOf(from, 'dishes', 'created_at, id')) {
    const dish = tried(`dish ${textOf(found['id'])}`, () =>
      menuDishSchema.parse(parsedRecord(found)),
    );
    if (dish) {
      const { id, createdAt } = dish;
      to.db
        .insert(dishes)
        .values({
          ...{ id, createdAt, record: JSON.stringify(dish) },
          removedAt: typeof found['removed_at'] === 'number' ? found['removed_at'] : null,
        })
        .run();
    }
    await next();
  }
  for (const found of rowsOf(from, 'services', 'opens_at, id')) {
    const service = tried(`service ${textOf(found['id'])}`, () =>
      serviceRecordSchema.parse(parsedRecord(found)),
    );
    if (service) openService(to, openedEvent(service), service.opensAt);
    await next();
  }
  for (const found of rowsOf(from, 'demand', 'date, dish')) {
    const [date, dish] = [textOf(found['date']), textOf(found['dish'])];
    to.db
      .insert(demand)
      .values({ date, dish, count: numberOf(found['count'], 0), source: textOf(found['source']) })
      .run();
    await next();
  }
  for (const found of rowsOf(from, 'practice', 'at, id')) {
    const result = tried(`practice ${textOf(found['id'])}`, () =>
      practiceResultSchema.parse(parsedRecord(found)),
    );
    if (result) {
      const { id, at } = result;
      to.db
        .insert(practice)
        .values({ id, at, record: JSON.stringify(result) })
        .run();
    }
    await next();
  }
};
