import { z } from 'zod';
import { bounded } from './bounded';
import { cookEventSchema, id, moment } from './cookEventSchema';
import { cookPlanSchema, planSpreadSchema, pullWindowSchema } from './cookPlanSchema';

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

export const CRUST_SEEN = ['pale', 'golden', 'deep brown', 'dark', 'burnt'] as const;

/** What the cook says of it afterwards. */
export const judgementSchema = z.strictObject({
  /** Core temperature measured at the end, C, if it was. */
  endTemperature: bounded({ least: 0, most: 120 }, 'C').optional(),
  crust: z.enum(CRUST_SEEN, `must be one of ${CRUST_SEEN.join(', ')}`).optional(),
  notes: z.string().max(2000, 'must be at most 2000 letters'),
});
export type Judgement = z.infer<typeof judgementSchema>;

/** What ties pieces cooked for one plate. */
export const togetherSchema = z.strictObject({
  /** The same for all of them. */
  id,
  /** How long this one, done before the plate, waits for the others, s. */
  waits: z.number().min(0).max(86_400),
});
export type Together = z.infer<typeof togetherSchema>;

/** Starting a cook: the plan goes along, so that later edits of the plan leave the cook alone. */
export const cookStartSchema = z.strictObject({
  id,
  startedAt: moment,
  plan: planRecordSchema,
  together: togetherSchema.optional(),
});
export type CookStart = z.infer<typeof cookStartSchema>;

/** A cook in full. */
export const cookRecordSchema = z.strictObject({
  id,
  createdAt: moment,
  plan: planRecordSchema,
  together: togetherSchema.optional(),
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
  together: id.optional(),
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
