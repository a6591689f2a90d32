import { and, eq, notInArray } from 'drizzle-orm';
import {
  cookEventSchema,
  planRecordSchema,
  serviceEventSchema,
  serviceRecordSchema,
  type CookOpened,
  type LogEntry,
  type PlanRecord,
  type ServiceOpened,
} from '@crustan/core/formats';
import type { CookEvent } from '@crustan/core/cook';
import type { ServiceEvent } from '@crustan/core/pass/serviceEvent';
import { happenedColumns, SAYS_NOTHING_TO_LISTS } from './cookRows';
import type { BookFileHandle } from './book';
import { cooks, log, services } from './schema';

export type LogRow = typeof log.$inferSelect;
type Reading = Pick<BookFileHandle, 'db' | 'damage'>;
type AnyEvent = CookEvent | ServiceEvent | CookOpened | ServiceOpened;

/** Rest of an event beside its columns, as JSON. */
const bodyOf = ({ id: _id, kind: _kind, at: _at, ...body }: CookEvent | ServiceEvent): string =>
  JSON.stringify(body);

const columnsOf = (event: AnyEvent) => ({ id: event.id, kind: event.kind, at: event.at });

/** Row of a cook's event. */
export const cookRow = (
  event: CookEvent | CookOpened,
  cookId: string,
  receivedAt: number,
  device = '',
): typeof log.$inferInsert => ({
  ...columnsOf(event),
  ...{ cookId, receivedAt, device },
  body: event.kind === 'opened' ? null : bodyOf(event),
});

/** Row of a service's event. */
export const serviceRow = (
  event: ServiceEvent | ServiceOpened,
  serviceId: string,
  receivedAt: number,
  device = '',
): typeof log.$inferInsert => ({
  ...columnsOf(event),
  ...{ serviceId, receivedAt, device },
  orderId: event.kind === 'ordered' ? event.order.id : null,
  body: event.kind === 'opened' ? null : bodyOf(event),
});

export const rowOf = (entry: LogEntry, receivedAt: number): typeof log.$inferInsert =>
  entry.of === 'cook'
    ? cookRow(entry.event, entry.stream, receivedAt, entry.device)
    : serviceRow(entry.event, entry.stream, receivedAt, entry.device);

type StoredEvent = Pick<LogRow, 'id' | 'kind' | 'at' | 'body'>;

/** Unchecked event of a row. */
export const rawEvent = ({ id, kind, at, body }: StoredEvent): unknown => {
  const rest: unknown = JSON.parse(body ?? '{}');
  return { ...(typeof rest === 'object' ? rest : {}), id, kind, at };
};

/** Cook events of rows, without the opening one. An unreadable row is left out and reported. */
export const cookEvents = ({ damage }: Reading, rows: readonly LogRow[]): CookEvent[] =>
  rows.flatMap((row) =>
    row.kind === 'opened'
      ? []
      : (damage.read(`event ${row.id} of cook ${row.cookId ?? ''}`, () =>
          cookEventSchema.parse(rawEvent(row)),
        ) ?? []),
  );

/** Service events of rows, without the opening one. An unreadable row is left out and reported. */
export const serviceEvents = ({ damage }: Reading, rows: readonly LogRow[]): ServiceEvent[] =>
  rows.flatMap((row) =>
    row.kind === 'opened'
      ? []
      : (damage.read(`service ${row.serviceId ?? ''}, event ${row.id}`, () =>
          serviceEventSchema.parse(rawEvent(row)),
        ) ?? []),
  );

/** Plan of a cook; undefined, and noted, where it cannot be read. */
export const readPlan = (
  { damage }: Pick<BookFileHandle, 'damage'>,
  id: string,
  text: string,
): PlanRecord | undefined =>
  damage.read(`plan of cook ${id}`, () => planRecordSchema.parse(JSON.parse(text)));

const openedCook = (book: Reading, { id, at, cookId }: LogRow): CookOpened | undefined => {
  const row = book.db
    .select({ plan: cooks.plan, together: cooks.together, waits: cooks.waits })
    .from(cooks)
    .where(eq(cooks.id, cookId ?? ''))
    .get();
  const plan = row && readPlan(book, cookId ?? '', row.plan);
  if (!plan) return undefined;
  const tie =
    row.together === null ? {} : { together: { id: row.together, waits: row.waits ?? 0 } };
  return { id, kind: 'opened', at, plan, ...tie };
};

const openedService = (book: Reading, { id, at, serviceId }: LogRow): ServiceOpened | undefined => {
  const row = book.db
    .select({ record: services.record })
    .from(services)
    .where(eq(services.id, serviceId ?? ''))
    .get();
  const service =
    row &&
    book.damage.read(`service ${serviceId ?? ''}`, () =>
      serviceRecordSchema.parse(JSON.parse(row.record)),
    );
  return service && { id, kind: 'opened', at, service };
};

/** Entry of a row; undefined, and noted, where it cannot be read. */
export const entryOf = (book: Reading, row: LogRow): LogEntry | undefined => {
  const { device, cookId, serviceId } = row;
  if (cookId !== null) {
    const event = row.kind === 'opened' ? openedCook(book, row) : cookEvents(book, [row])[0];
    return event && { of: 'cook', stream: cookId, device, event };
  }
  const event = row.kind === 'opened' ? openedService(book, row) : serviceEvents(book, [row])[0];
  return event && { of: 'service', stream: serviceId ?? '', device, event };
};

/** Brings what lists show of a cook up to its events. */
export const sumCook = (book: Reading, id: string): void => {
  const row = book.db.select({ plan: cooks.plan }).from(cooks).where(eq(cooks.id, id)).get();
  const record = row && readPlan(book, id, row.plan);
  if (!record) return;
  const made = book.db
    .select()
    .from(log)
    .where(and(eq(log.cookId, id), notInArray(log.kind, [...SAYS_NOTHING_TO_LISTS])))
    .all();
  book.db
    .update(cooks)
    .set(happenedColumns(record.plan, cookEvents(book, made)))
    .where(eq(cooks.id, id))
    .run();
};
