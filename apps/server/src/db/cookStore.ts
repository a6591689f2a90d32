import { and, asc, desc, eq, gt, isNotNull, isNull, lt, notInArray } from 'drizzle-orm';
import {
  planRecordSchema,
  type CookList,
  type CookRecord,
  type CookSearch,
  type Judgement,
  type ListMark,
  type PlanRecord,
  type Together,
} from '@crustan/core/formats';
import type { CookEvent } from '@crustan/core/cook';
import { inBook, listCooks } from './cookList';
import {
  eventRow,
  happenedColumns,
  judgementRow,
  plannedColumns,
  SAYS_NOTHING_TO_LISTS,
  searchOf,
  tellsLists,
  toEvent,
  toJudgement,
} from './cookRows';
import type { Book, BookFileHandle } from './openBook';
import { cooks, events, judgements, photos } from './schema';

export interface CookStore {
  /** Newest first, a page of them before a mark. */
  readonly list: (search?: CookSearch, mark?: ListMark) => CookList;
  readonly get: (id: string) => CookRecord | undefined;
  readonly has: (id: string) => boolean;
  /** Does nothing when the cook is there already: the same start may be sent twice. */
  readonly start: (id: string, plan: PlanRecord, at: number, together?: Together) => void;
  /** Events of a cook that reached the book after `seq`, and where it stands now. */
  readonly since: (
    cookId: string,
    seq: number,
  ) => { readonly events: readonly CookEvent[]; readonly seq: number };
  /** What ties a cook to others, if anything does. */
  readonly tieOf: (id: string) => string | undefined;
  /** Every cook for the same plate. */
  readonly together: (id: string) => readonly string[];
  /** All or none; an event that is there already is left as it is. */
  readonly addEvents: (cookId: string, added: readonly CookEvent[], receivedAt: number) => void;
  readonly judge: (cookId: string, judgement: Judgement, at: number) => void;
  /** Takes a cook out of the book; until it is swept it can be put back. */
  readonly remove: (id: string, at: number) => boolean;
  readonly putBack: (id: string) => boolean;
  /** Sweeps what was deleted before a moment. */
  readonly sweep: (before: number) => void;
  /** The newest finished cooks. */
  readonly recent: (most: number) => readonly string[];
}

/** Events of a batch that another cook has already, by their place in it: none of it was stored. */
export class EventElsewhere extends Error {
  constructor(readonly indexes: readonly number[]) {
    super('an event of another cook');
  }
}

/** A cook's plan; undefined, and noted, where it cannot be read. */
export const readPlan = (
  { damage }: Pick<BookFileHandle, 'damage'>,
  id: string,
  text: string,
): PlanRecord | undefined =>
  damage.read(`plan of cook ${id}`, () => planRecordSchema.parse(JSON.parse(text)));

/** The events that can be read. */
export const readable = (
  { damage }: Pick<BookFileHandle, 'damage'>,
  rows: readonly (typeof events.$inferSelect)[],
): CookEvent[] =>
  rows.flatMap(
    (row) => damage.read(`event ${row.id} of cook ${row.cookId}`, () => toEvent(row)) ?? [],
  );

/** Logged cooks, their events and judgements. */
export const cookStore = (book: Book): CookStore => {
  const eventsOf = (id: string): CookEvent[] =>
    readable(
      book,
      book.db
        .select()
        .from(events)
        .where(eq(events.cookId, id))
        .orderBy(asc(events.at), asc(events.seq))
        .all(),
    );
  const planOf = (id: string): PlanRecord | undefined => {
    const row = book.db.select({ plan: cooks.plan }).from(cooks).where(eq(cooks.id, id)).get();
    return row && readPlan(book, id, row.plan);
  };
  const has = (id: string): boolean =>
    book.db
      .select({ id: cooks.id })
      .from(cooks)
      .where(and(eq(cooks.id, id), inBook))
      .get() !== undefined;
  /** Brings what lists show up to what has happened. */
  const sum = (cookId: string): void => {
    const record = planOf(cookId);
    if (!record) return;
    const made = book.db
      .select()
      .from(events)
      .where(and(eq(events.cookId, cookId), notInArray(events.kind, [...SAYS_NOTHING_TO_LISTS])))
      .all();
    book.db
      .update(cooks)
      .set(happenedColumns(record.plan, readable(book, made)))
      .where(eq(cooks.id, cookId))
      .run();
  };

  return {
    has,
    list: (search, mark) => listCooks(book, search, mark),
    get: (id) => {
      const row = book.db
        .select()
        .from(cooks)
        .where(and(eq(cooks.id, id), inBook))
        .get();
      if (!row) return undefined;
      const plan = readPlan(book, id, row.plan);
      if (!plan) return undefined;
      const said = book.db.select().from(judgements).where(eq(judgements.cookId, id)).get();
      const judgement =
        said && book.damage.read(`judgement of cook ${id}`, () => toJudgement(said));
      const photo = book.db
        .select({ type: photos.type })
        .from(photos)
        .where(eq(photos.cookId, id))
        .get();
      return {
        id,
        createdAt: row.createdAt,
        plan,
        ...(row.together === null ? {} : { together: { id: row.together, waits: row.waits ?? 0 } }),
        events: eventsOf(id),
        ...(judgement ? { judgement } : {}),
        ...(photo ? { photo: true } : {}),
      };
    },
    start: (id, plan, at, together) => {
      book.db
        .insert(cooks)
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
    },
    since: (cookId, seq) => {
      const rows = book.db
        .select()
        .from(events)
        .where(and(eq(events.cookId, cookId), gt(events.seq, seq)))
        .orderBy(asc(events.seq))
        .all();
      return { events: readable(book, rows), seq: rows.at(-1)?.seq ?? seq };
    },
    tieOf: (id) =>
      book.db.select({ tie: cooks.together }).from(cooks).where(eq(cooks.id, id)).get()?.tie ??
      undefined,
    together: (id) =>
      book.db
        .select({ id: cooks.id })
        .from(cooks)
        .where(and(eq(cooks.together, id), inBook))
        .orderBy(asc(cooks.createdAt))
        .all()
        .map((row) => row.id),
    addEvents: (cookId, added, receivedAt) => {
      book.db.transaction((tx) => {
        const elsewhere = added.flatMap(({ id }, index) => {
          const row = tx
            .select({ cook: events.cookId })
            .from(events)
            .where(eq(events.id, id))
            .get();
          return row && row.cook !== cookId ? [index] : [];
        });
        if (elsewhere.length > 0) throw new EventElsewhere(elsewhere);
        for (const event of added) {
          tx.insert(events)
            .values(eventRow(event, cookId, receivedAt))
            .onConflictDoNothing({ target: events.id })
            .run();
        }
        if (added.some(tellsLists)) sum(cookId);
      });
    },
    judge: (cookId, judgement, at) => {
      const row = judgementRow(cookId, judgement, at);
      book.db.transaction((tx) => {
        tx.insert(judgements)
          .values(row)
          .onConflictDoUpdate({ target: judgements.cookId, set: row })
          .run();
        const record = planOf(cookId);
        if (!record) return;
        tx.update(cooks)
          .set({ search: searchOf(record, judgement.notes) })
          .where(eq(cooks.id, cookId))
          .run();
      });
    },
    remove: (id, at) =>
      book.db
        .update(cooks)
        .set({ deletedAt: at })
        .where(and(eq(cooks.id, id), inBook))
        .run().changes > 0,
    putBack: (id) =>
      book.db
        .update(cooks)
        .set({ deletedAt: null })
        .where(and(eq(cooks.id, id), isNotNull(cooks.deletedAt)))
        .run().changes > 0,
    sweep: (before) => {
      book.db.delete(cooks).where(lt(cooks.deletedAt, before)).run();
    },
    recent: (most) =>
      book.db
        .select({ id: cooks.id })
        .from(cooks)
        .where(and(inBook, isNotNull(cooks.slicedAt)))
        .orderBy(desc(cooks.createdAt))
        .limit(most)
        .all()
        .map((row) => row.id),
  };
};

/** Fills in what lists show of cooks that an older book wrote without it. */
export const fillIn = ({ db, damage }: Pick<BookFileHandle, 'db' | 'damage'>): void => {
  const old = db
    .select({ id: cooks.id, plan: cooks.plan })
    .from(cooks)
    .where(isNull(cooks.way))
    .all();
  for (const { id, plan } of old) {
    const record = readPlan({ damage }, id, plan);
    if (!record) continue;
    const made = readable({ damage }, db.select().from(events).where(eq(events.cookId, id)).all());
    const said = db.select().from(judgements).where(eq(judgements.cookId, id)).get();
    db.update(cooks)
      .set({
        ...plannedColumns(record),
        ...happenedColumns(record.plan, made),
        search: searchOf(record, said?.notes),
      })
      .where(eq(cooks.id, id))
      .run();
  }
};

/** Drops what an import that never ended had brought. */
export const dropPending = ({ db }: Pick<Book, 'db'>): void => {
  db.delete(cooks).where(isNotNull(cooks.pending)).run();
};
