import { and, asc, desc, eq, gt, inArray, isNotNull } from 'drizzle-orm';
import { serviceEventSchema, serviceRecordSchema, type ServiceRecord } from '@crustan/core/formats';
import type { ServiceEvent } from '@crustan/core/pass/serviceEvent';
import { inBook } from './cookList';
import { EventElsewhere } from './cookStore';
import type { Book } from './openBook';
import { cooks, serviceEvents, services } from './schema';

export interface ServiceStore {
  /** The newest first. */
  readonly list: () => ServiceRecord[];
  /** Every one, the oldest first. */
  readonly all: () => ServiceRecord[];
  readonly get: (id: string) => ServiceRecord | undefined;
  readonly put: (service: ServiceRecord) => void;
  readonly remove: (id: string) => boolean;
  /** All or none; an event that is there already is left as it is. */
  readonly addEvents: (id: string, added: readonly ServiceEvent[], receivedAt: number) => void;
  /** A service of another book with its events; one that is there already stays, and gains the events it lacks. */
  readonly bring: (
    service: ServiceRecord,
    events: readonly ServiceEvent[],
    receivedAt: number,
  ) => void;
  /** Events that reached the book after `seq`, and where it stands now. */
  readonly since: (
    id: string,
    seq: number,
  ) => { readonly events: readonly ServiceEvent[]; readonly seq: number };
  /** Ids of the cooks of its orders, in the order of their beginning. */
  readonly cooks: (id: string) => readonly string[];
  /** The service that a cook's tie is an order of. */
  readonly ofOrder: (order: string) => string | undefined;
}

const LISTED = 60;

const orderOf = (event: ServiceEvent): string | null =>
  event.kind === 'ordered' ? event.order.id : null;

const rowOf = (service: ServiceRecord): typeof services.$inferInsert => ({
  id: service.id,
  opensAt: service.opensAt,
  record: JSON.stringify(service),
});

/** Services and what was said in them. */
export const serviceStore = (book: Book): ServiceStore => {
  const parse = book.damage.reader('service', serviceRecordSchema);
  const addEvent = (serviceId: string, event: ServiceEvent, receivedAt: number): void => {
    book.db
      .insert(serviceEvents)
      .values({
        id: event.id,
        serviceId,
        ticket: orderOf(event),
        at: event.at,
        receivedAt,
        record: JSON.stringify(event),
      })
      .onConflictDoNothing({ target: serviceEvents.id })
      .run();
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
      const { id: _id, ...row } = rowOf(service);
      book.db
        .insert(services)
        .values(rowOf(service))
        .onConflictDoUpdate({ target: services.id, set: row })
        .run();
    },
    remove: (id) => book.db.delete(services).where(eq(services.id, id)).run().changes > 0,
    addEvents: (serviceId, added, receivedAt) => {
      book.db.transaction((tx) => {
        const elsewhere = added.flatMap(({ id }, index) => {
          const row = tx
            .select({ service: serviceEvents.serviceId })
            .from(serviceEvents)
            .where(eq(serviceEvents.id, id))
            .get();
          return row && row.service !== serviceId ? [index] : [];
        });
        if (elsewhere.length > 0) throw new EventElsewhere(elsewhere);
        for (const event of added) addEvent(serviceId, event, receivedAt);
      });
    },
    bring: (service, brought, receivedAt) => {
      book.db.insert(services).values(rowOf(service)).onConflictDoNothing().run();
      for (const event of brought) addEvent(service.id, event, receivedAt);
    },
    since: (id, seq) => {
      const rows = book.db
        .select()
        .from(serviceEvents)
        .where(and(eq(serviceEvents.serviceId, id), gt(serviceEvents.seq, seq)))
        .orderBy(asc(serviceEvents.seq))
        .all();
      return {
        events: rows.flatMap(book.damage.reader(`service ${id}, event`, serviceEventSchema)),
        seq: rows.at(-1)?.seq ?? seq,
      };
    },
    cooks: (id) => {
      const orders = book.db
        .select({ ticket: serviceEvents.ticket })
        .from(serviceEvents)
        .where(and(eq(serviceEvents.serviceId, id), isNotNull(serviceEvents.ticket)));
      return book.db
        .select({ id: cooks.id })
        .from(cooks)
        .where(and(inArray(cooks.together, orders), inBook))
        .orderBy(asc(cooks.createdAt), asc(cooks.id))
        .all()
        .map((row) => row.id);
    },
    ofOrder: (order) =>
      book.db
        .select({ service: serviceEvents.serviceId })
        .from(serviceEvents)
        .where(eq(serviceEvents.ticket, order))
        .get()?.service,
  };
};
