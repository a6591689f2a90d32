import { z } from 'zod';
import { PRESS_KINDS, type CookEvent } from '../live/event';
import { bounded } from './bounded';
import { cookPlanSchema, planSpreadSchema, pullWindowSchema } from './cookPlanSchema';

const id = z.uuid('must be a UUID');
/** ms since 1970, from 2020 to 2100: a clock outside that is wrong. */
const moment = z
  .int('must be a time in whole milliseconds since 1970')
  .min(1_577_836_800_000, 'must be a time from 2020 on, in ms since 1970')
  .max(4_102_444_800_000, 'must be a time before 2100, in ms since 1970');

/** A plan that was kept, with the plate time it counts back from. */
export const planRecordSchema = z.strictObject({
  id,
  createdAt: moment,
  title: z.string().trim().min(1, 'must say something').max(120, 'must be at most 120 letters'),
  plateAt: moment,
  plan: cookPlanSchema,
  window: pullWindowSchema.optional(),
  spread: planSpreadSchema.optional(),
});
export type PlanRecord = z.infer<typeof planRecordSchema>;

/** Readings a thermometer in food can give, C. */
export const READING_LIMIT = { least: -5, most: 120 } as const;

/** One press at the stove. */
export const cookEventSchema = z.discriminatedUnion('kind', [
  z.strictObject({ id, kind: z.enum(PRESS_KINDS), at: moment }),
  z.strictObject({
    id,
    kind: z.literal('reading'),
    at: moment,
    celsius: bounded(READING_LIMIT, 'C'),
  }),
  z.strictObject({ id, kind: z.literal('undo'), at: moment, of: id }),
]) satisfies z.ZodType<CookEvent>;

export const CRUST_SEEN = ['pale', 'golden', 'deep brown', 'dark', 'burnt'] as const;

/** What the cook says of it afterwards. */
export const judgementSchema = z.strictObject({
  /** Core temperature measured at the end, C, if it was. */
  endTemperature: bounded({ least: 0, most: 120 }, 'C').optional(),
  crust: z.enum(CRUST_SEEN, `must be one of ${CRUST_SEEN.join(', ')}`).optional(),
  notes: z.string().max(2000, 'must be at most 2000 letters'),
});
export type Judgement = z.infer<typeof judgementSchema>;

/** Starting a cook: the plan goes along, so that later edits of the plan leave the cook alone. */
export const cookStartSchema = z.strictObject({ id, startedAt: moment, plan: planRecordSchema });
export type CookStart = z.infer<typeof cookStartSchema>;

/** A cook in full. */
export const cookRecordSchema = z.strictObject({
  id,
  createdAt: moment,
  plan: planRecordSchema,
  events: z.array(cookEventSchema),
  judgement: judgementSchema.optional(),
});
export type CookRecord = z.infer<typeof cookRecordSchema>;

/** A cook as one line of the book. */
export const cookLineSchema = z.strictObject({
  id,
  createdAt: moment,
  title: z.string(),
  target: z.number(),
  cookSeconds: z.number(),
  /** From in to out of the pan as it happened, s. */
  actualSeconds: z.number().optional(),
  endTemperature: z.number().optional(),
  crust: z.enum(CRUST_SEEN).optional(),
  finished: z.boolean(),
});
export type CookLine = z.infer<typeof cookLineSchema>;

export const cookListSchema = z.strictObject({
  cooks: z.array(cookLineSchema),
  /** Ask for cooks before this moment to go on; absent at the end. */
  nextBefore: moment.optional(),
});
export type CookList = z.infer<typeof cookListSchema>;

export const planListSchema = z.strictObject({ plans: z.array(planRecordSchema) });

export const healthSchema = z.strictObject({
  status: z.literal('ok'),
  schemaVersion: z.int(),
});
