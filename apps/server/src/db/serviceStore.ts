import { and, asc, desc, eq, inArray, isNotNull } from 'drizzle-orm';
import {
  serviceRecordSchema,
  type LogEntry,
  type ServiceOpened,
  type ServiceRecord,
} from '@crustan/core/formats';
import type { ServiceEvent } from '@crustan/core/pass/serviceEvent';
import { inBook } from './cookList';
import { serviceEvents } from './logRows';
import { logStore, openService } from './logStore';
import type { Book } from './book';
import { cooks, log, services } from './schema';

export interface ServiceStore {
  /** The newest first. */
  readonly list: () => ServiceRecord[];
  /** Every one, the oldest first. */
  readonly all: () => ServiceRecord[];
  readonly get: (id: string) => ServiceRecord | undefined;
  readonly put: (service: ServiceRecord) => void;
  readonly remove: (id: string) => boolean;
  /** Adds all or none; an existing event stays unchanged. */
  readonly addEvents: (id: string, added: readonly ServiceEvent[], receivedAt: number) => void;
  /** A service of another logbook with its events; one that is there already stays, and gains the events it lacks. */
  readonly bring: (
    service: ServiceRecord,
    events: readonly ServiceEvent[],
    receivedAt: number,
  ) => void;
  /** Its events in the order in which they reached the logbook, without the one that opens it. */
  readonly events: (id: string) => readonly ServiceEvent[];
  /** Ids of the cooks of its orders, in the order of their beginning. */
  readonly cooks: (id: string) => readonly string[];
}

const LISTED = 60;

const rowOf = (service: ServiceRecord): typeof services.$inferInsert => ({
  id: service.id,
  opensAt: service.opensAt,
  record: JSON.stringify(service),
});

/** Event that opens a service, as older pages and books say it. */
export const openedEvent = (service: ServiceRecord): ServiceOpened => ({
  id: service.id,
  kind: 'opened',
  at: service.opensAt,
  service,
});

/** Services and what was said in them. */
export const serviceStore = (book: Book): ServiceStore => {
  const parse = book.damage.reader('service', serviceRecordSchema);
  const add = (service: string, events: readonly ServiceEvent[], receivedAt: number): void => {
    const entries = events.map((event): LogEntry => ({
      of: 'service',
      stream: service,
      device: '',
      event,
    }));
    logStore(book).add(entries, receivedAt);
  };
  return {
    list: () =>
      book.db
        .select()
        .from(services)
        .orderBy(desc(services.opensAt))
        .limit(LISTED)
        .all()
        .flatMap(parse),
    all: () =>
      book.db
        .select()
        .from(services)
        .orderBy(asc(services.opensAt), asc(services.id))
        .all()
        .flatMap(parse),
    get: (id) => {
      const row = book.db.select().from(services).where(eq(services.id, id)).get();
      return row && parse(row)[0];
    },
    put: (service) => {
      openService(book, openedEvent(service), service.opensAt);
      const { id, ...row } = rowOf(service);
      book.db.update(services).set(row).where(eq(services.id, id)).run();
    },
    remove: (id) => book.db.delete(services).where(eq(services.id, id)).run().changes > 0,
    addEvents: add,
    bring: (service, brought, receivedAt) => {
      openService(book, openedEvent(service), service.opensAt);
      add(service.id, brought, receivedAt);
    },
    events: (id) =>
      serviceEvents(
        book,
        book.db.select().from(log).where(eq(log.serviceId, id)).orderBy(asc(log.seq)).all(),
      ),
    cooks: (id) => {
      const orders = book.db
        .select({ ticket: log.orderId })
        .from(log)
        .where(and(eq(log.serviceId, id), isNotNull(log.orderId)));
      return book.db
        .select({ id: cooks.id })
        .from(cooks)
        .where(and(inArray(cooks.together, orders), inBook))
        .orderBy(asc(cooks.createdAt), asc(cooks.id))
        .all()
        .map((row) => row.id);
    },
  };
};
