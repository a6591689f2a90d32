import type Database from 'better-sqlite3';
import {
  cookEventSchema,
  serviceEventSchema,
  type CookOpened,
  type ServiceOpened,
  type Subject,
} from '@crustan/core/formats';
import { cookRow, rawEvent, serviceRow } from '../db/logRows';
import type { log } from '../db/schema';

/** A row of any table, unchecked. */
type Row = Readonly<Record<string, unknown>>;

/** Row of an older logbook's log, or of this version's, still to be read. */
interface OldEntry {
  readonly of: Subject;
  readonly stream: string;
  readonly where: string;
  /** @throws where the row cannot be read */
  readonly read: () => typeof log.$inferInsert;
}

const textOf = (value: unknown): string => (typeof value === 'string' ? value : '');
const numberOf = (value: unknown): number => (typeof value === 'number' ? value : NaN);

/** Event of a row: a table of before the one log has the reading and what is undone in columns of their own. */
const eventOf = (row: Row): unknown => {
  const { celsius, undoes } = row;
  const raw = rawEvent({
    id: textOf(row['id']),
    kind: textOf(row['kind']),
    at: numberOf(row['at']),
    body: textOf(row['body'] ?? row['detail']) || null,
  });
  return {
    ...(typeof raw === 'object' ? raw : {}),
    ...(typeof celsius === 'number' ? { celsius } : {}),
    ...(typeof undoes === 'string' ? { of: undoes } : {}),
  };
};

const entryOf = (of: Subject, stream: string, row: Row, event: () => unknown): OldEntry => ({
  of,
  stream,
  where: `event ${textOf(row['id'])} of ${of} ${stream}`,
  read: () => {
    const device = textOf(row['device']);
    const received = ({ at }: { readonly at: number }): number => {
      const found = numberOf(row['received_at']);
      return Number.isNaN(found) ? at : found;
    };
    if (of === 'cook') {
      const said = cookEventSchema.parse(event());
      return cookRow(said, stream, received(said), device);
    }
    const said = serviceEventSchema.parse(event());
    return serviceRow(said, stream, received(said), device);
  },
});

/**
 * Entries of a logbook of any schema beside those that open a stream, which the cook or the service writes:
 * a service's before those of its cooks if the logbook had a table for each.
 */
export function* logOf(
  from: Database.Database,
  rowsOf: (from: Database.Database, table: string, order: string) => Iterable<Row>,
): Generator<OldEntry> {
  for (const row of rowsOf(from, 'log', 'seq')) {
    const opens: (CookOpened | ServiceOpened)['kind'] = 'opened';
    if (row['kind'] === opens) continue;
    const cook = row['cook_id'];
    if (typeof cook === 'string') yield entryOf('cook', cook, row, () => eventOf(row));
    else yield entryOf('service', textOf(row['service_id']), row, () => eventOf(row));
  }
  for (const row of rowsOf(from, 'service_events', 'seq')) {
    yield entryOf('service', textOf(row['service_id']), row, (): unknown =>
      JSON.parse(textOf(row['record'])),
    );
  }
  for (const row of rowsOf(from, 'events', 'seq')) {
    yield entryOf('cook', textOf(row['cook_id']), row, () => eventOf(row));
  }
}
