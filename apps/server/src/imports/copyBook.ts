import type Database from 'better-sqlite3';
import { z } from 'zod';
import {
  bookCookSchema,
  keptKitchenSchema,
  planRecordSchema,
  problemOf,
  trialSchema,
  type BookCook,
} from '@crustan/core/formats';
import { createYielder } from '../createYielder';
import { whyOf } from '../errorCode';
import { plausible } from '../plausible';
import { toJudgement } from '../db/cookRows';
import { sumCook } from '../db/logRows';
import { BookWriter } from './bookWriter';
import { copyServices } from './copyServices';
import { logOf } from './logOf';
import { pictureType } from '../db/photoStore';
import type { BookFileHandle } from '../db/book';

/** A row that did not go along: which one, and why. */
export interface LeftOut {
  readonly where: string;
  readonly why: string;
}

export interface CopiedBook {
  readonly cooks: number;
  /** Rows that were left out: the first ones, and their total. */
  readonly leftOut: readonly LeftOut[];
  readonly leftOutCount: number;
}

const MOST_TOLD = 50;
/** Rows written between two commits of the copy. */
const COMMITTED_AT = 2000;

const row = z.record(z.string(), z.unknown());
type Row = z.infer<typeof row>;

const textOf = (value: unknown): string => (typeof value === 'string' ? value : '');
const numberOf = (value: unknown): number | null => (typeof value === 'number' ? value : null);
const textOrNull = (value: unknown): string | null => (typeof value === 'string' ? value : null);

const reasonOf = (error: unknown): string =>
  (error instanceof z.ZodError ? problemOf(error).detail : whyOf(error)).slice(0, 300);

/** The rows of a table, if the file has it: never of a view under its name. */
const rowsOf = (from: Database.Database, table: string, order: string): Iterable<Row> => {
  const known = from
    .prepare("select 1 from sqlite_master where type = 'table' and name = ?")
    .get(table);
  if (known === undefined) return [];
  return from.prepare<[], Row>(`select * from "${table}" order by ${order}`).iterate();
};

const judgementOf = (found: Row) =>
  toJudgement({
    cookId: textOf(found['cook_id']),
    endTemperature: numberOf(found['end_temperature']),
    crust: textOrNull(found['crust']),
    notes: textOf(found['notes']),
    judgedAt: numberOf(found['judged_at']) ?? 0,
    again: textOrNull(found['again']),
    weightBefore: numberOf(found['weight_before']),
    weightAfter: numberOf(found['weight_after']),
    paid: numberOf(found['paid']),
    detail: textOrNull(found['detail']),
  });

/** A photograph as its bytes are: what was kept beside them is not believed. */
const photoOf = (found: Row): BookCook['photo'] => {
  const bytes = found['bytes'];
  const type = Buffer.isBuffer(bytes) ? pictureType(bytes) : undefined;
  if (type === undefined || !Buffer.isBuffer(bytes)) throw new Error('is no JPEG, PNG or WebP');
  return { type, data: bytes.toString('base64') };
};

/** Copies a logbook of any earlier schema row by row into a new one. What cannot be read is named. */
export const copyBook = async (
  from: Database.Database,
  to: BookFileHandle,
): Promise<CopiedBook> => {
  const writer = new BookWriter(to.sqlite);
  const leftOut: LeftOut[] = [];
  let leftOutCount = 0;
  let cooks = 0;
  let written = 0;
  const breathe = createYielder();
  const tried = <T>(where: string, read: () => T): T | undefined => {
    try {
      return read();
    } catch (error) {
      leftOutCount += 1;
      if (leftOut.length < MOST_TOLD) leftOut.push({ where, why: reasonOf(error) });
      return undefined;
    }
  };
  const next = async (): Promise<void> => {
    written += 1;
    if (written % COMMITTED_AT === 0) {
      to.sqlite.exec('commit; begin');
    }
    await breathe();
  };
  const one = (sql: string, id: unknown): Row | undefined =>
    row.safeParse(from.prepare(sql).get(id)).data;
  const has = (table: string): boolean =>
    from.prepare("select 1 from sqlite_master where type='table' and name=?").get(table) !==
    undefined;
  const photos = has('photos');
  to.sqlite.exec('begin');
  for (const found of rowsOf(from, 'cooks', 'created_at, id')) {
    // Rows of an import that never ended are not part of the logbook.
    if (textOrNull(found['pending']) !== null) continue;
    const id = textOf(found['id']);
    const where = `cook ${id}`;
    const together = textOrNull(found['together']);
    const said = one('select * from judgements where cook_id = ?', id);
    const pictured = photos ? one('select * from photos where cook_id = ?', id) : undefined;
    const judgement = said && tried(`judgement of ${where}`, () => judgementOf(said));
    const photo = pictured && tried(`photograph of ${where}`, () => photoOf(pictured));
    const cook = tried(where, () =>
      bookCookSchema.parse({
        id,
        createdAt: found['created_at'],
        plan: JSON.parse(textOf(found['plan'])),
        ...(together === null ? {} : { together: { id: together, waits: found['waits'] ?? 0 } }),
        events: [],
        ...(judgement ? { judgement } : {}),
        ...(photo ? { photo } : {}),
      }),
    );
    if (!cook) continue;
    writer.cook(cook, {
      pending: null,
      deletedAt: numberOf(found['deleted_at']),
      judgedAt: numberOf(said?.['judged_at']) ?? cook.createdAt,
      receivedAt: cook.createdAt,
    });
    cooks += 1;
    await next();
  }
  await copyServices({ from, to, rowsOf, tried, next });
  for (const row of logOf(from, rowsOf)) {
    const copied = tried(row.where, () => row.read());
    const there = row.of === 'cook' ? writer.hasCook(row.stream) : writer.hasService(row.stream);
    if (copied && there) writer.entry(copied);
    await next();
  }
  for (const found of rowsOf(from, 'cooks', 'id')) {
    const id = textOf(found['id']);
    if (writer.hasCook(id)) sumCook(to, id);
    await next();
  }
  for (const found of rowsOf(from, 'plans', 'created_at, id')) {
    const record = tried(`plan ${textOf(found['id'])}`, () =>
      planRecordSchema.parse(JSON.parse(textOf(found['record']))),
    );
    if (record) writer.plan(record);
    await next();
  }
  for (const found of rowsOf(from, 'trials', 'created_at, id')) {
    const record = tried(`trial ${textOf(found['id'])}`, () =>
      trialSchema.parse(JSON.parse(textOf(found['record']))),
    );
    if (record) writer.trial(record);
  }
  // The present kitchen is the first row: this writes it last, over the one before it.
  for (const found of rowsOf(from, 'kitchens', 'id desc')) {
    const kept = tried('the kitchen', () =>
      keptKitchenSchema.parse({
        kitchen: JSON.parse(textOf(found['record'])),
        changedAt: plausible(numberOf(found['changed_at']) ?? 0),
      }),
    );
    if (kept) writer.kitchen(kept, numberOf(found['version']) ?? 1);
  }
  to.sqlite.exec('commit');
  return { cooks, leftOut, leftOutCount };
};
