import { and, asc, desc, eq, isNotNull, isNull, lt } from 'drizzle-orm';
import type {
  CookList,
  CookRecord,
  CookSearch,
  Judgement,
  ListMark,
  PlanRecord,
  Together,
} from '@crustan/core/formats';
import type { CookEvent } from '@crustan/core/cook';
import { inBook, listCooks } from './cookList';
import { happenedColumns, judgementRow, plannedColumns, searchOf, toJudgement } from './cookRows';
import { cookEvents, readPlan } from './logRows';
import { logStore, openCook } from './logStore';
import type { Book, BookFileHandle } from './book';
import { cooks, judgements, log, photos } from './schema';

export interface CookStore {
  /** A page of cooks before a mark, newest first. */
  readonly list: (search?: CookSearch, mark?: ListMark) => CookList;
  readonly get: (id: string) => CookRecord | undefined;
  readonly has: (id: string) => boolean;
  /** Does nothing when the cook is there already: the same start may be sent twice. */
  readonly start: (id: string, plan: PlanRecord, at: number, together?: Together) => void;
  /** Events of a cook in the order of their time, without the one that opens it. */
  readonly events: (cookId: string) => readonly CookEvent[];
  /** Every cook for the same plate. */
  readonly together: (id: string) => readonly string[];
  /** Adds all or none; an existing event stays unchanged. */
  readonly addEvents: (cookId: string, added: readonly CookEvent[], receivedAt: number) => void;
  readonly judge: (cookId: string, judgement: Judgement, at: number) => void;
  /** Takes a cook out of the logbook; until it is swept it can be put back. */
  readonly remove: (id: string, at: number) => boolean;
  readonly putBack: (id: string) => boolean;
  /** Sweeps what was deleted before a moment. */
  readonly sweep: (before: number) => void;
  /** The newest finished cooks. */
  readonly recent: (most: number) => readonly string[];
}

/** Logged cooks, their events and judgements. */
export const cookStore = (book: Book): CookStore => {
  const eventsOf = (id: string): CookEvent[] =>
    cookEvents(
      book,
      book.db.select().from(log).where(eq(log.cookId, id)).orderBy(asc(log.at), asc(log.seq)).all(),
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
      const tie = together ? { together } : {};
      openCook(book, { id, kind: 'opened', at, plan, ...tie }, at);
    },
    events: eventsOf,
    together: (id) =>
      book.db
        .select({ id: cooks.id })
        .from(cooks)
        .where(and(eq(cooks.together, id), inBook))
        .orderBy(asc(cooks.createdAt))
        .all()
        .map((row) => row.id),
    addEvents: (cookId, added, receivedAt) => {
      logStore(book).add(
        added.map((event) => ({ of: 'cook', stream: cookId, device: '', event })),
        receivedAt,
      );
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

/** Fills the columns for lists of cooks that an older logbook stored without them. */
export const fillIn = ({ db, damage }: Pick<BookFileHandle, 'db' | 'damage'>): void => {
  const old = db
    .select({ id: cooks.id, plan: cooks.plan })
    .from(cooks)
    .where(isNull(cooks.way))
    .all();
  for (const { id, plan } of old) {
    const record = readPlan({ damage }, id, plan);
    if (!record) continue;
    const made = cookEvents({ db, damage }, db.select().from(log).where(eq(log.cookId, id)).all());
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
