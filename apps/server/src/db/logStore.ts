import { and, asc, eq, gt, inArray, isNotNull, or } from 'drizzle-orm';
import type { CookOpened, LogEntry, ServiceOpened, Subject } from '@crustan/core/formats';
import { inBook } from './cookList';
import { plannedColumns, searchOf, tellsLists } from './cookRows';
import { cookRow, entryOf, rowOf, serviceRow, sumCook } from './logRows';
import type { Book } from './book';
import { cooks, log, services } from './schema';

/** A cook or a service. */
export interface Stream {
  readonly of: Subject;
  readonly id: string;
}

/** A new entry of the log, and who is concerned by it. */
export interface NewEntry {
  readonly seq: number;
  readonly entry: LogEntry;
  /** Service that contains the entry's cook as a piece. */
  readonly service: string | undefined;
}

/**
 * Reason why entries of a batch were rejected: another stream has an entry with that id, or their stream is not in the
 * logbook.
 */
export type Misplacement = 'elsewhere' | 'missing';

/** Entries of a batch that were refused, by their place in it: none of the batch was stored. */
export class MisplacedEntries extends Error {
  constructor(
    readonly why: Misplacement,
    readonly of: Subject,
    readonly indexes: readonly number[],
  ) {
    super(`entries of the log refused: ${why}`);
  }
}

export interface LogStore {
  /**
   * Adds entries, all or none; an existing one stays unchanged.
   * @returns the new ones, in the order of the log
   * @throws MisplacedEntries if one belongs to another stream, or to none
   */
  readonly add: (entries: readonly LogEntry[], receivedAt: number) => readonly NewEntry[];
  /** Whether a stream is in the logbook: a deleted cook is not. */
  readonly has: (stream: Stream) => boolean;
  /**
   * Entries of streams after `seq`, at most `most` rows. A service includes the cooks of its orders.
   * @returns the entries, and the place in the log up to which they were read
   */
  readonly after: (
    streams: readonly Stream[],
    seq: number,
    most: number,
  ) => { readonly entries: readonly NewEntry[]; readonly seq: number; readonly more: boolean };
}

/** Adds a cook to the logbook's lists, and the entry that opens it to the log; one that is there already stays. */
export const openCook = (
  { db }: Pick<Book, 'db'>,
  event: CookOpened,
  receivedAt: number,
  device = '',
): void => {
  const { id, at, plan, together } = event;
  db.insert(cooks)
    .values({
      id,
      createdAt: at,
      title: plan.title,
      plan: JSON.stringify(plan),
      together: together?.id ?? null,
      waits: together?.waits ?? null,
      ...plannedColumns(plan),
      search: searchOf(plan),
    })
    .onConflictDoNothing()
    .run();
  db.insert(log)
    .values(cookRow(event, id, receivedAt, device))
    .onConflictDoNothing()
    .run();
};

/** Adds a service to the logbook, and the entry that opens it to the log; one that is there already stays. */
export const openService = (
  { db }: Pick<Book, 'db'>,
  event: ServiceOpened,
  receivedAt: number,
  device = '',
): void => {
  const { service } = event;
  db.insert(services)
    .values({ id: service.id, opensAt: service.opensAt, record: JSON.stringify(service) })
    .onConflictDoNothing()
    .run();
  db.insert(log)
    .values(serviceRow(event, service.id, receivedAt, device))
    .onConflictDoNothing()
    .run();
};

/** The log of every cook and service. */
export const logStore = (book: Book): LogStore => {
  const has = ({ of, id }: Stream): boolean => {
    const found =
      of === 'cook'
        ? book.db
            .select({ id: cooks.id })
            .from(cooks)
            .where(and(eq(cooks.id, id), inBook))
            .get()
        : book.db.select({ id: services.id }).from(services).where(eq(services.id, id)).get();
    return found !== undefined;
  };
  const serviceOf = (cook: string): string | undefined => {
    const row = book.db
      .select({ service: log.serviceId })
      .from(cooks)
      .innerJoin(log, eq(log.orderId, cooks.together))
      .where(eq(cooks.id, cook))
      .get();
    return row?.service ?? undefined;
  };
  const newEntry = (row: typeof log.$inferSelect): readonly NewEntry[] => {
    const entry = entryOf(book, row);
    if (!entry) return [];
    const service = entry.of === 'cook' ? serviceOf(entry.stream) : undefined;
    return [{ seq: row.seq, entry, service }];
  };
  /** Streams of the entries of these ids that are in the log. */
  const ownersOf = (entries: readonly LogEntry[]): ReadonlyMap<string, string | null> => {
    const ids = entries.map(({ event }) => event.id);
    const rows = book.db
      .select({ id: log.id, cook: log.cookId, service: log.serviceId })
      .from(log)
      .where(inArray(log.id, ids))
      .all();
    return new Map(rows.map(({ id, cook, service }) => [id, cook ?? service]));
  };
  const refuseMisplaced = (
    entries: readonly LogEntry[],
    owners: ReadonlyMap<string, string | null>,
  ): void => {
    const refuse = (why: Misplacement, wrong: (entry: LogEntry) => boolean): void => {
      const indexes = entries.flatMap((entry, index) => (wrong(entry) ? [index] : []));
      const [first] = indexes;
      if (first === undefined) return;
      throw new MisplacedEntries(why, entries[first]?.of ?? 'cook', indexes);
    };
    const there = new Map<string, boolean>();
    for (const { of, stream, event } of entries) {
      const opens = event.kind === 'opened' && !owners.has(event.id);
      if (opens) there.set(stream, true);
      else if (!there.has(stream)) there.set(stream, has({ of, id: stream }));
    }
    refuse('missing', ({ stream }) => there.get(stream) !== true);
    refuse('elsewhere', ({ stream, event }) => {
      const owner = owners.get(event.id);
      if (event.kind === 'opened' && event.id !== stream) return true;
      return owner !== undefined && owner !== stream;
    });
  };

  return {
    has,
    add: (entries, receivedAt) =>
      book.db.transaction((tx) => {
        const owners = ownersOf(entries);
        refuseMisplaced(entries, owners);
        const fresh: NewEntry[] = [];
        const changed = new Set<string>();
        const there = new Set(owners.keys());
        for (const entry of entries) {
          const { of, stream, device, event } = entry;
          if (there.has(event.id)) continue;
          there.add(event.id);
          if (of === 'cook' && event.kind === 'opened') openCook(book, event, receivedAt, device);
          else if (of === 'service' && event.kind === 'opened') {
            openService(book, event, receivedAt, device);
          } else tx.insert(log).values(rowOf(entry, receivedAt)).run();
          if (of === 'cook' && event.kind !== 'opened' && tellsLists(event)) changed.add(stream);
          const row = tx.select().from(log).where(eq(log.id, event.id)).get();
          if (row) {
            const service = of === 'cook' ? serviceOf(stream) : undefined;
            fresh.push({ seq: row.seq, entry, service });
          }
        }
        changed.forEach((cook) => sumCook(book, cook));
        return fresh;
      }),
    after: (streams, seq, most) => {
      const ids = (of: Subject): string[] =>
        streams.filter((stream) => stream.of === of).map(({ id }) => id);
      const [homeCooks, served] = [ids('cook'), ids('service')];
      const orders = book.db
        .select({ id: log.orderId })
        .from(log)
        .where(and(inArray(log.serviceId, served), isNotNull(log.orderId)));
      const pieces = book.db
        .select({ id: cooks.id })
        .from(cooks)
        .where(and(inArray(cooks.together, orders), inBook));
      const rows = book.db
        .select()
        .from(log)
        .where(
          and(
            gt(log.seq, seq),
            or(
              inArray(log.cookId, homeCooks),
              inArray(log.serviceId, served),
              inArray(log.cookId, pieces),
            ),
          ),
        )
        .orderBy(asc(log.seq))
        .limit(most)
        .all();
      return {
        entries: rows.flatMap(newEntry),
        seq: rows.at(-1)?.seq ?? seq,
        more: rows.length === most,
      };
    },
  };
};
