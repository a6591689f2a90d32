import type Database from 'better-sqlite3';
import type { BookCook, KeptKitchen, PlanRecord } from '@crustan/core/formats';
import type { Trial } from '@crustan/core/trial';
import {
  happenedColumns,
  judgementRow,
  plannedColumns,
  searchOf,
  tellsLists,
} from '../db/cookRows';
import { cookRow } from '../db/logRows';
import type { log } from '../db/schema';

const COLUMNS = [
  'id',
  'created_at',
  'title',
  'target',
  'cook_seconds',
  'plan',
  'together',
  'waits',
  'cut',
  'own',
  'way',
  'thickness',
  'weight',
  'pan',
  'pull_at',
  'learned',
  'trial',
  'actual_seconds',
  'actual_pull',
  'sliced_at',
  'search',
  'pending',
  'deleted_at',
] as const;

/** Time and name of a new cook. */
export interface WrittenAs {
  /** The import that brings it; null writes it into the logbook itself. */
  readonly pending: string | null;
  readonly deletedAt: number | null;
  readonly judgedAt: number;
  readonly receivedAt: number;
}

/** Writes whole logbooks: statements are prepared once, for millions of readings pass here. */
export class BookWriter {
  private readonly statements: ReturnType<BookWriter['prepare']>;

  constructor(readonly sqlite: Database.Database) {
    this.statements = this.prepare();
  }

  private prepare() {
    const { sqlite } = this;
    return {
      has: sqlite.prepare('select 1 from cooks where id = ?'),
      hasService: sqlite.prepare('select 1 from services where id = ?'),
      cook: sqlite.prepare(
        `insert into cooks (${COLUMNS.join(', ')}) values (${COLUMNS.map(() => '?').join(', ')})`,
      ),
      entry: sqlite.prepare(
        `insert into log (id, cook_id, service_id, order_id, device, kind, at, received_at, body)
        values (@id, @cookId, @serviceId, @orderId, @device, @kind, @at, @receivedAt, @body)
        on conflict (id) do nothing`,
      ),
      judgement: sqlite.prepare(
        `insert into judgements
        (cook_id, end_temperature, crust, notes, judged_at, again, weight_before, weight_after, paid, detail)
        values (@cookId, @endTemperature, @crust, @notes, @judgedAt, @again, @weightBefore, @weightAfter, @paid, @detail)`,
      ),
      photo: sqlite.prepare('insert into photos (cook_id, type, bytes) values (?, ?, ?)'),
      plan: sqlite.prepare(
        'insert or ignore into plans (id, created_at, plate_at, record) values (?, ?, ?, ?)',
      ),
      trial: sqlite.prepare(
        'insert or ignore into trials (id, created_at, record) values (?, ?, ?)',
      ),
      kitchen: sqlite.prepare(
        'insert or replace into kitchens (id, changed_at, record, version) values (1, ?, ?, ?)',
      ),
    };
  }

  hasCook(id: string): boolean {
    return this.statements.has.get(id) !== undefined;
  }

  hasService(id: string): boolean {
    return this.statements.hasService.get(id) !== undefined;
  }

  /** Writes a cook with its judgement, photograph and events. @returns events another cook has */
  cook(cook: BookCook, { pending, deletedAt, judgedAt, receivedAt }: WrittenAs): number {
    const { cook: insert, judgement, photo } = this.statements;
    const { plan, together } = cook;
    const planned = plannedColumns(plan);
    const happened = happenedColumns(plan.plan, cook.events.filter(tellsLists));
    insert.run(
      cook.id,
      cook.createdAt,
      plan.title,
      planned.target,
      planned.cookSeconds,
      JSON.stringify(plan),
      together?.id ?? null,
      together?.waits ?? null,
      planned.cut,
      planned.own,
      planned.way,
      planned.thickness,
      planned.weight,
      planned.pan,
      planned.pullAt,
      planned.learned ? 1 : 0,
      planned.trial,
      happened.actualSeconds,
      happened.actualPull,
      happened.slicedAt,
      searchOf(plan, cook.judgement?.notes),
      pending,
      deletedAt,
    );
    const { id, createdAt: at } = cook;
    this.entry(
      cookRow({ id, kind: 'opened', at, plan, ...(together ? { together } : {}) }, id, receivedAt),
    );
    let refused = 0;
    for (const event of cook.events) refused += 1 - this.entry(cookRow(event, id, receivedAt));
    if (cook.judgement) judgement.run(judgementRow(cook.id, cook.judgement, judgedAt));
    if (cook.photo) photo.run(cook.id, cook.photo.type, Buffer.from(cook.photo.data, 'base64'));
    return refused;
  }

  /** Adds a row to the log. @returns 1, or 0 where an entry of this id is there */
  entry(row: typeof log.$inferInsert): number {
    return this.statements.entry.run({ cookId: null, serviceId: null, orderId: null, ...row })
      .changes;
  }

  plan(record: PlanRecord): void {
    const { id, createdAt, plateAt } = record;
    this.statements.plan.run(id, createdAt, plateAt, JSON.stringify(record));
  }

  trial(trial: Trial): void {
    this.statements.trial.run(trial.id, trial.createdAt, JSON.stringify(trial));
  }

  kitchen({ kitchen, changedAt }: KeptKitchen, version: number): void {
    this.statements.kitchen.run(changedAt, JSON.stringify(kitchen), version);
  }
}
