import { readFileSync } from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';
import { z } from 'zod';
import type { Reason } from '../words/reason';

const journalSchema = z.looseObject({ entries: z.array(z.unknown()) });

/** The number of migrations of this version. */
export const knownMigrations = (migrations: string): number => {
  const text = readFileSync(path.join(migrations, 'meta/_journal.json'), 'utf8');
  return journalSchema.parse(JSON.parse(text)).entries.length;
};

/** Result of the check of a SQLite file as a logbook. */
export type FileCheck =
  | { readonly ok: true; readonly schemaVersion: number }
  | { readonly ok: false; readonly why: Reason };

const wrong = (why: Reason): FileCheck => ({ ok: false, why });

/** Tables that every logbook has had from the first, with the columns that its rows cannot do without. */
const ALWAYS: Readonly<Record<string, readonly string[]>> = {
  plans: ['id', 'created_at', 'plate_at', 'record'],
  cooks: ['id', 'created_at', 'title', 'target', 'cook_seconds', 'plan'],
  judgements: ['cook_id', 'end_temperature', 'crust', 'notes', 'judged_at'],
  __drizzle_migrations: ['created_at'],
};
/** Tables; every logbook has one: the log of this version, or the events of earlier ones. */
const LOGS: Readonly<Record<string, readonly string[]>> = {
  log: ['seq', 'id', 'cook_id', 'service_id', 'kind', 'at', 'received_at', 'body'],
  events: ['seq', 'id', 'cook_id', 'kind', 'at', 'received_at', 'celsius', 'undoes'],
};
/** Column by which the rows of a table are identified. */
const UNIQUE: Readonly<Record<string, string>> = {
  plans: 'id',
  cooks: 'id',
  log: 'id',
  events: 'id',
  judgements: 'cook_id',
};

const columnsSchema = z.array(z.object({ name: z.string() }));

/** Reason that a file's tables do not fit a logbook; undefined if they fit. */
const misfit = (
  sqlite: Database.Database,
  hasTable: (name: string) => boolean,
): Reason | undefined => {
  const logs = Object.entries(LOGS).filter(([table]) => hasTable(table));
  for (const [table, wanted] of [...Object.entries(ALWAYS), ...logs]) {
    const columns = columnsSchema.parse(sqlite.pragma(`table_info("${table}")`));
    const missing = wanted.filter((column) => !columns.some(({ name }) => name === column));
    if (missing.length > 0) {
      return (t) => t('its-table-lacks', { table, columns: missing.join(', ') });
    }
  }
  for (const [table, id] of Object.entries(UNIQUE)) {
    if (!hasTable(table)) continue;
    const twice = sqlite
      .prepare(`select 1 from "${table}" group by "${id}" having count(*) > 1 limit 1`)
      .get();
    if (twice !== undefined) return (t) => t('an-id-of-its-table-is-there-twice', { table });
  }
  return undefined;
};

/**
 * Looks at a file without changing it or running anything that is stored in it: SQLite's own check,
 * whether it is a logbook, and whether this Crustan can read it.
 */
export const checkFile = (file: string, migrations: string): FileCheck => {
  let sqlite: Database.Database | undefined;
  try {
    sqlite = new Database(file, { readonly: true, fileMustExist: true });
    sqlite.pragma('trusted_schema = OFF');
    const sound: unknown = sqlite.pragma('quick_check(1)', { simple: true });
    if (sound !== 'ok') return wrong((t) => t('it-is-damaged'));
    const kinds = new Map(
      z
        .array(z.object({ name: z.string(), type: z.string() }))
        .parse(sqlite.prepare("select name, type from sqlite_master where type != 'index'").all())
        .map(({ name, type }) => [name, type]),
    );
    const hasTable = (name: string): boolean => kinds.get(name) === 'table';
    if (!Object.keys(ALWAYS).every(hasTable) || !Object.keys(LOGS).some(hasTable)) {
      return wrong((t) => t('it-is-not-a-crustan-book'));
    }
    const lacks = misfit(sqlite, hasTable);
    if (lacks !== undefined) return wrong(lacks);
    const had = Number(sqlite.prepare('select count(*) from __drizzle_migrations').pluck().get());
    if (had > knownMigrations(migrations)) {
      return wrong((t) => t('it-is-of-a-later-crustan'));
    }
    return { ok: true, schemaVersion: had };
  } catch {
    return wrong((t) => t('it-is-not-a-sqlite-file'));
  } finally {
    sqlite?.close();
  }
};
