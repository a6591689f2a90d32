import { z } from 'zod';
import { cookEventSchema, id, moment } from './cookEventSchema';
import { planRecordSchema, togetherSchema } from './messages';
import { serviceEventSchema, serviceRecordSchema } from './serviceSchema';

/** The device that added an entry, by the name that it gave itself; empty: not known. */
const device = z.string().max(60, 'must be at most 60 letters');

/**
 * First event of a cook: its id is the cook's. It includes the plan, so that later edits of the plan do not affect the
 * cook.
 */
const cookOpenedSchema = z.strictObject({
  id,
  kind: z.literal('opened'),
  at: moment,
  plan: planRecordSchema,
  together: togetherSchema.optional(),
});
export type CookOpened = z.infer<typeof cookOpenedSchema>;

/** First event of a service: its id is the service's. */
const serviceOpenedSchema = z.strictObject({
  id,
  kind: z.literal('opened'),
  at: moment,
  service: serviceRecordSchema,
});
export type ServiceOpened = z.infer<typeof serviceOpenedSchema>;

/** Subject of a stream of the log. */
export const SUBJECTS = ['cook', 'service'] as const;
export type Subject = (typeof SUBJECTS)[number];

/**
 * One entry of the log: an event, the stream that it belongs to, and the device that added it. A stream is a cook or a
 * service, by its id, and begins with the event that opens it. Entries are only ever added.
 */
export const logEntrySchema = z.discriminatedUnion('of', [
  z.strictObject({
    of: z.literal('cook'),
    stream: id,
    device,
    event: z.discriminatedUnion('kind', [cookOpenedSchema, cookEventSchema]),
  }),
  z.strictObject({
    of: z.literal('service'),
    stream: id,
    device,
    event: z.discriminatedUnion('kind', [serviceOpenedSchema, serviceEventSchema]),
  }),
]);
export type LogEntry = z.infer<typeof logEntrySchema>;

/** Most entries of one message. */
export const LOG_BATCH = 200;

/** Entries to be added: all or none. */
export const logBatchSchema = z.strictObject({
  entries: z
    .array(logEntrySchema, 'must be a list of entries')
    .min(1, 'must hold at least one entry')
    .max(LOG_BATCH, `must hold at most ${LOG_BATCH} entries`),
});

/** An entry in the logbook, with its place there. */
export const loggedSchema = z.strictObject({
  /** Counted by the server over all streams: the one version that devices compare. */
  seq: z.int().min(1),
  entry: logEntrySchema,
});
export type Logged = z.infer<typeof loggedSchema>;
