import { index, integer, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';

/** Plans that were kept. `record` is the whole message; the columns are what lists sort by. */
export const plans = sqliteTable(
  'plans',
  {
    id: text('id').primaryKey(),
    createdAt: integer('created_at').notNull(),
    plateAt: integer('plate_at').notNull(),
    record: text('record').notNull(),
  },
  (table) => [index('plans_created_at').on(table.createdAt)],
);

/** Cooks: each carries the plan as it stood when it was started. */
export const cooks = sqliteTable(
  'cooks',
  {
    id: text('id').primaryKey(),
    createdAt: integer('created_at').notNull(),
    title: text('title').notNull(),
    target: real('target').notNull(),
    cookSeconds: real('cook_seconds').notNull(),
    plan: text('plan').notNull(),
    /** Pieces cooked for one plate share this. */
    together: text('together'),
    /** How long this one waits for the others before the plate, s. */
    waits: real('waits'),
  },
  (table) => [
    index('cooks_created_at').on(table.createdAt),
    index('cooks_together').on(table.together),
  ],
);

/** Presses at the stove, only ever added. `seq` is the order in which they reached the book. */
export const events = sqliteTable(
  'events',
  {
    seq: integer('seq').primaryKey({ autoIncrement: true }),
    id: text('id').notNull().unique(),
    cookId: text('cook_id')
      .notNull()
      .references(() => cooks.id, { onDelete: 'cascade' }),
    kind: text('kind').notNull(),
    /** ms since 1970 by the device's clock. */
    at: integer('at').notNull(),
    /** ms since 1970 by the server's clock. */
    receivedAt: integer('received_at').notNull(),
    /** Core temperature read, C. */
    celsius: real('celsius'),
    /** The event an undo takes back. */
    undoes: text('undoes'),
    /** What else the event says, as JSON: a correction's time, a note's words, a change's legs. */
    detail: text('detail'),
  },
  (table) => [index('events_cook').on(table.cookId, table.at)],
);

/** What the cook said of it afterwards. */
export const judgements = sqliteTable('judgements', {
  cookId: text('cook_id')
    .primaryKey()
    .references(() => cooks.id, { onDelete: 'cascade' }),
  endTemperature: real('end_temperature'),
  crust: text('crust'),
  notes: text('notes').notNull(),
  judgedAt: integer('judged_at').notNull(),
});
