import { and, asc, desc, eq, gt, inArray, lt, sql } from 'drizzle-orm';
import {
  cookEventSchema,
  cookLineSchema,
  judgementSchema,
  planRecordSchema,
  type CookLine,
  type CookList,
  type CookRecord,
  type Judgement,
  type PlanRecord,
  type Together,
} from '@crustan/core/formats';
import { standing, type CookEvent } from '@crustan/core/live';
import type { Book } from './openBook';
import { cooks, events, judgements } from './schema';

export interface CookStore {
  /** Newest first, a page of them before a moment. */
  readonly list: (before?: number) => CookList;
  readonly get: (id: string) => CookRecord | undefined;
  readonly has: (id: string) => boolean;
  /** Does nothing when the cook is there already: the same start may be sent twice. */
  readonly start: (id: string, plan: PlanRecord, at: number, together?: Together) => void;
  /** Events of a cook that reached the book after `seq`, and where it stands now. */
  readonly since: (
    cookId: string,
    seq: number,
  ) => { readonly events: readonly CookEvent[]; readonly seq: number };
  /** Every cook for the same plate. */
  readonly together: (id: string) => readonly string[];
  /** All or none; an event that is there already is left as it is. */
  readonly addEvents: (cookId: string, added: readonly CookEvent[], receivedAt: number) => void;
  readonly judge: (cookId: string, judgement: Judgement, at: number) => void;
}

/** Cooks to a page of the list. */
export const PAGE = 50;

type EventRow = typeof events.$inferSelect;
type JudgementRow = typeof judgements.$inferSelect;

const toEvent = (row: EventRow): CookEvent => {
  const { id, kind, at } = row;
  const said: unknown = row.detail === null ? {} : JSON.parse(row.detail);
  return cookEventSchema.parse({
    id,
    kind,
    at,
    ...(row.celsius === null ? {} : { celsius: row.celsius }),
    ...(row.undoes === null ? {} : { of: row.undoes }),
    ...(typeof said === 'object' ? said : {}),
  });
};

/** What an event says beyond the columns that are searched by. */
const detailOf = (event: CookEvent): string | null => {
  switch (event.kind) {
    case 'reading':
      return event.by === undefined ? null : JSON.stringify({ by: event.by });
    case 'corrected':
      return JSON.stringify({ of: event.of, to: event.to });
    case 'skipped':
      return JSON.stringify({ step: event.step });
    case 'note':
      return JSON.stringify({ text: event.text });
    case 'changed': {
      const { why, legs, restSeconds } = event;
      return JSON.stringify({ why, legs, restSeconds });
    }
    default:
      return null;
  }
};

const toJudgement = (row: JudgementRow): Judgement =>
  judgementSchema.parse({
    notes: row.notes,
    ...(row.endTemperature === null ? {} : { endTemperature: row.endTemperature }),
    ...(row.crust === null ? {} : { crust: row.crust }),
  });

const toLine = (
  row: Omit<typeof cooks.$inferSelect, 'plan' | 'waits'>,
  made: readonly CookEvent[],
  judgement: JudgementRow | undefined,
): CookLine => {
  const kept = standing(made);
  const first = (kind: CookEvent['kind']): number | undefined =>
    kept.find((event) => event.kind === kind)?.at;
  const [inAt, pulledAt] = [first('in'), first('pulled')];
  const said = judgement && toJudgement(judgement);
  return cookLineSchema.parse({
    id: row.id,
    createdAt: row.createdAt,
    title: row.title,
    target: row.target,
    cookSeconds: row.cookSeconds,
    finished: first('sliced') !== undefined,
    ...(row.together === null ? {} : { together: row.together }),
    ...(inAt !== undefined && pulledAt !== undefined
      ? { actualSeconds: (pulledAt - inAt) / 1000 }
      : {}),
    ...(said?.endTemperature === undefined ? {} : { endTemperature: said.endTemperature }),
    ...(said?.crust === undefined ? {} : { crust: said.crust }),
  });
};

/** Logged cooks, their events and judgements. */
export const cookStore = ({ db }: Book): CookStore => {
  const eventsOf = (ids: readonly string[]): EventRow[] =>
    db
      .select()
      .from(events)
      .where(inArray(events.cookId, [...ids]))
      .orderBy(asc(events.at), asc(events.seq))
      .all();
  const has = (id: string): boolean =>
    db.select({ id: cooks.id }).from(cooks).where(eq(cooks.id, id)).get() !== undefined;

  return {
    has,
    list: (before) => {
      const page = db
        .select({
          id: cooks.id,
          createdAt: cooks.createdAt,
          title: cooks.title,
          target: cooks.target,
          cookSeconds: cooks.cookSeconds,
          together: cooks.together,
        })
        .from(cooks)
        .where(before === undefined ? undefined : and(lt(cooks.createdAt, before)))
        .orderBy(desc(cooks.createdAt))
        .limit(PAGE)
        .all();
      const ids = page.map(({ id }) => id);
      const made = new Map<string, EventRow[]>(ids.map((id) => [id, []]));
      for (const row of eventsOf(ids)) made.get(row.cookId)?.push(row);
      const said = new Map(
        db
          .select()
          .from(judgements)
          .where(inArray(judgements.cookId, ids))
          .all()
          .map((row) => [row.cookId, row]),
      );
      const last = page.at(-1);
      return {
        cooks: page.map((row) =>
          toLine(row, (made.get(row.id) ?? []).map(toEvent), said.get(row.id)),
        ),
        ...(last && page.length === PAGE ? { nextBefore: last.createdAt } : {}),
      };
    },
    get: (id) => {
      const row = db.select().from(cooks).where(eq(cooks.id, id)).get();
      if (!row) return undefined;
      const said = db.select().from(judgements).where(eq(judgements.cookId, id)).get();
      return {
        id,
        createdAt: row.createdAt,
        plan: planRecordSchema.parse(JSON.parse(row.plan)),
        ...(row.together === null ? {} : { together: { id: row.together, waits: row.waits ?? 0 } }),
        events: eventsOf([id]).map(toEvent),
        ...(said ? { judgement: toJudgement(said) } : {}),
      };
    },
    start: (id, plan, at, together) => {
      db.insert(cooks)
        .values({
          id,
          createdAt: at,
          title: plan.title,
          target: plan.plan.request.target,
          cookSeconds: plan.plan.cookSeconds,
          plan: JSON.stringify(plan),
          together: together?.id ?? null,
          waits: together?.waits ?? null,
        })
        .onConflictDoNothing()
        .run();
    },
    since: (cookId, seq) => {
      const rows = db
        .select()
        .from(events)
        .where(and(eq(events.cookId, cookId), gt(events.seq, seq)))
        .orderBy(asc(events.seq))
        .all();
      return { events: rows.map(toEvent), seq: rows.at(-1)?.seq ?? seq };
    },
    together: (id) =>
      db
        .select({ id: cooks.id })
        .from(cooks)
        .where(eq(cooks.together, id))
        .orderBy(asc(cooks.createdAt))
        .all()
        .map((row) => row.id),
    addEvents: (cookId, added, receivedAt) => {
      db.transaction((tx) => {
        for (const event of added) {
          tx.insert(events)
            .values({
              id: event.id,
              cookId,
              kind: event.kind,
              at: event.at,
              receivedAt,
              celsius: event.kind === 'reading' ? event.celsius : null,
              undoes: event.kind === 'undo' ? event.of : null,
              detail: detailOf(event),
            })
            .onConflictDoNothing({ target: events.id })
            .run();
        }
      });
    },
    judge: (cookId, judgement, at) => {
      db.insert(judgements)
        .values({
          cookId,
          endTemperature: judgement.endTemperature ?? null,
          crust: judgement.crust ?? null,
          notes: judgement.notes,
          judgedAt: at,
        })
        .onConflictDoUpdate({
          target: judgements.cookId,
          set: {
            endTemperature: sql`excluded.end_temperature`,
            crust: sql`excluded.crust`,
            notes: sql`excluded.notes`,
            judgedAt: sql`excluded.judged_at`,
          },
        })
        .run();
    },
  };
};
