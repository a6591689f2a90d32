import type Database from 'better-sqlite3';
import { practiceResultSchema } from '@crustan/core/formats/practiceSchema';
import { menuDishSchema, serviceEventSchema, serviceRecordSchema } from '@crustan/core/formats';
import type { BookFileHandle } from '../db/openBook';
import { demand, dishes, practice, serviceEvents, services } from '../db/schema';

/** A row of any table, as it lies in the file. */
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

/** Copies the menu, the services, the demand and what was practised of a book into a new one. */
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
  const known = new Set<string>();
  for (const found of rowsOf(from, 'services', 'opens_at, id')) {
    const service = tried(`service ${textOf(found['id'])}`, () =>
      serviceRecordSchema.parse(parsedRecord(found)),
    );
    if (service) {
      const { id, opensAt } = service;
      to.db
        .insert(services)
        .values({ id, opensAt, record: JSON.stringify(service) })
        .run();
      known.add(id);
    }
    await next();
  }
  for (const found of rowsOf(from, 'service_events', 'seq')) {
    const serviceId = textOf(found['service_id']);
    const event = tried(`event ${textOf(found['id'])} of service ${serviceId}`, () =>
      serviceEventSchema.parse(parsedRecord(found)),
    );
    if (event && known.has(serviceId)) {
      to.db
        .insert(serviceEvents)
        .values({
          id: event.id,
          serviceId,
          ticket: event.kind === 'ordered' ? event.order.id : null,
          at: event.at,
          receivedAt: numberOf(found['received_at'], event.at),
          record: JSON.stringify(event),
        })
        .run();
    }
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
