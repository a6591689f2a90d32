import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import { z } from 'zod';
import { serviceEventSchema, serviceRecordSchema } from '@crustan/core/formats/serviceSchema';
import type { PassState } from './passSlice';

type Kept = Pick<PassState, 'service' | 'serviceKnown' | 'events' | 'known'>;

interface Schema extends DBSchema {
  /** Values are parsed when they are read: an older page may have written them. */
  services: { key: string; value: unknown };
  events: { key: string; value: unknown; indexes: { service: string } };
}

const keptServiceSchema = z.object({
  id: z.string(),
  service: serviceRecordSchema,
  known: z.boolean(),
});
const keptEventSchema = z.object({ event: serviceEventSchema, known: z.boolean() });

const STRICT = { durability: 'strict' } as const;

/** The open service on this device, in a database of its own: a record an event. */
export class PassStore {
  private db: Promise<IDBPDatabase<Schema>> | undefined;

  private opened(): Promise<IDBPDatabase<Schema>> {
    this.db ??= openDB<Schema>('crustan-pass', 1, {
      upgrade: (db) => {
        db.createObjectStore('services', { keyPath: 'id' });
        db.createObjectStore('events', { keyPath: 'id' }).createIndex('service', 'service');
      },
    }).catch((error: unknown) => {
      this.db = undefined;
      throw error;
    });
    return this.db;
  }

  /** What is kept of the open service, if there is one; an event that cannot be read is left out. */
  async recall(): Promise<Kept | undefined> {
    const db = await this.opened();
    const [first] = await db.getAll('services');
    const found = keptServiceSchema.safeParse(first).data;
    if (!found) return undefined;
    const rows = await db.getAllFromIndex('events', 'service', found.id);
    const events = rows.flatMap((row) => keptEventSchema.safeParse(row).data ?? []);
    return {
      service: found.service,
      serviceKnown: found.known,
      events: events.map(({ event }) => event).toSorted((a, b) => a.at - b.at),
      known: events.filter(({ known }) => known).map(({ event }) => event.id),
    };
  }

  /** Writes the service and its events; resolved once they are on the disk. */
  async keep({ service, serviceKnown, events, known }: Kept): Promise<void> {
    const db = await this.opened();
    const writing = db.transaction(['services', 'events'], 'readwrite', STRICT);
    const [services, said] = [writing.objectStore('services'), writing.objectStore('events')];
    const there = new Set(known);
    const others = (await services.getAllKeys()).filter((id) => id !== service?.id);
    await Promise.all([
      ...others.map((id) => services.delete(id)),
      ...(service ? [services.put({ id: service.id, service, known: serviceKnown })] : []),
      ...events.map((event) =>
        said.put({ id: event.id, service: service?.id ?? '', event, known: there.has(event.id) }),
      ),
      writing.done,
    ]);
  }
}
