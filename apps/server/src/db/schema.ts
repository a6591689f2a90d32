import { blob, index, integer, primaryKey, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';

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
    /** Time that this piece waits for the others before the plate, s. */
    waits: real('waits'),
    /** Columns by which lists show, search and compare, from the plan, the events and the judgement. */
    cut: text('cut'),
    own: text('own'),
    way: text('way'),
    thickness: real('thickness'),
    weight: real('weight'),
    pan: real('pan'),
    /** s from the first heat to the end of the deciding leg, planned. */
    pullAt: real('pull_at'),
    learned: integer('learned', { mode: 'boolean' }),
    trial: text('trial'),
    /** As it happened, s; null while it has not. */
    actualSeconds: real('actual_seconds'),
    actualPull: real('actual_pull'),
    slicedAt: integer('sliced_at'),
    /** Title, piece and notes, in small letters. */
    search: text('search'),
    /** Deleted, and may still be taken back, ms since 1970. */
    deletedAt: integer('deleted_at'),
    /** The import that brings it: not in the logbook until that is done. */
    pending: text('pending'),
  },
  (table) => [
    // Whole in the index: the plan in each row makes reading rows slow.
    index('cooks_in_book').on(table.deletedAt, table.pending, table.createdAt, table.id),
    index('cooks_together').on(table.together),
    index('cooks_trial').on(table.trial),
    index('cooks_pending').on(table.pending),
  ],
);

/**
 * The log: what happened in every cook and service, only ever added. A row belongs to one of the two, and its first
 * row opens it.
 */
export const log = sqliteTable(
  'log',
  {
    /** Order in which entries reached the logbook: the one version that devices compare. */
    seq: integer('seq').primaryKey({ autoIncrement: true }),
    id: text('id').notNull().unique(),
    cookId: text('cook_id').references(() => cooks.id, { onDelete: 'cascade' }),
    serviceId: text('service_id').references(() => services.id, { onDelete: 'cascade' }),
    /** Order that the entry begins: the order's cooks are tied by the same id. */
    orderId: text('order_id'),
    /** Device that added it; empty: not known. */
    device: text('device').notNull().default(''),
    kind: text('kind').notNull(),
    /** ms since 1970 by the device's clock. */
    at: integer('at').notNull(),
    /** ms since 1970 by the server's clock. */
    receivedAt: integer('received_at').notNull(),
    /** The rest of the event as JSON; null where it opens its stream: the cook's or the service's row says it. */
    body: text('body'),
  },
  (table) => [
    index('log_cook').on(table.cookId, table.seq),
    index('log_service').on(table.serviceId, table.seq),
    index('log_order').on(table.orderId),
  ],
);

/** Judgements of cooks. */
export const judgements = sqliteTable('judgements', {
  cookId: text('cook_id')
    .primaryKey()
    .references(() => cooks.id, { onDelete: 'cascade' }),
  endTemperature: real('end_temperature'),
  crust: text('crust'),
  notes: text('notes').notNull(),
  judgedAt: integer('judged_at').notNull(),
  again: text('again'),
  weightBefore: real('weight_before'),
  weightAfter: real('weight_after'),
  paid: real('paid'),
  /** Further judgements, as JSON: doneness, crunch, grey band, juice, tenderness, seasoning. */
  detail: text('detail'),
});

/** One photograph of a cook. */
export const photos = sqliteTable('photos', {
  cookId: text('cook_id')
    .primaryKey()
    .references(() => cooks.id, { onDelete: 'cascade' }),
  type: text('type').notNull(),
  bytes: blob('bytes', { mode: 'buffer' }).notNull(),
});

/** Trials: cooks with one difference. */
export const trials = sqliteTable('trials', {
  id: text('id').primaryKey(),
  createdAt: integer('created_at').notNull(),
  record: text('record').notNull(),
});

/** The kitchen: one row. */
export const kitchens = sqliteTable('kitchens', {
  id: integer('id').primaryKey(),
  changedAt: integer('changed_at').notNull(),
  record: text('record').notNull(),
  /** Counted by the server at every change: what a phone changed is held against it. */
  version: integer('version').notNull().default(1),
});

/** The logbook itself: one row, whose identity a restore changes. */
export const books = sqliteTable('books', {
  id: integer('id').primaryKey(),
  identity: text('identity').notNull(),
  /** Identities of the logbooks whose place this one took, the last first, a comma between them. */
  replaces: text('replaces').notNull().default(''),
  /** Counted at every change of the menu: a schedule says from which it was made. */
  menuVersion: integer('menu_version').notNull().default(1),
});

/** Dishes of the menu, each a message whole. */
export const dishes = sqliteTable('dishes', {
  id: text('id').primaryKey(),
  createdAt: integer('created_at').notNull(),
  record: text('record').notNull(),
  /** Time at which it was taken off the menu, ms since 1970; null if it is on the menu. */
  removedAt: integer('removed_at'),
});

/** Services: one evening's tickets. */
export const services = sqliteTable(
  'services',
  {
    id: text('id').primaryKey(),
    opensAt: integer('opens_at').notNull(),
    record: text('record').notNull(),
  },
  (table) => [index('services_opens_at').on(table.opensAt)],
);

/** Results of lessons and drills, each as a complete message. */
export const practice = sqliteTable(
  'practice',
  {
    id: text('id').primaryKey(),
    at: integer('at').notNull(),
    record: text('record').notNull(),
  },
  (table) => [index('practice_at').on(table.at)],
);

/** Number of orders of a dish on a day. */
export const demand = sqliteTable(
  'demand',
  {
    date: text('date').notNull(),
    dish: text('dish').notNull(),
    count: integer('count').notNull(),
    /** The service that it was counted from; empty: a table. */
    source: text('source').notNull().default(''),
  },
  (table) => [primaryKey({ columns: [table.date, table.dish, table.source] })],
);
