import { z } from 'zod';
import { CUT_IDS } from '../food/cuts';
import { WAYS } from '../plan/request/way';
import { cookEventSchema, id, moment } from './cookEventSchema';
import { cookPlanSchema, planSpreadSchema, pullWindowSchema } from './cookPlanSchema';
import { gearUsedSchema } from './gearUsedSchema';
import { CRUST_SEEN, judgedCode, judgementSchema, WOULD_COOK_AGAIN } from './judgementSchema';

/** A plan that was kept, with the plate time it counts back from. */
export const planRecordSchema = z.strictObject({
  id,
  createdAt: moment,
  title: z.string().trim().min(1, 'must not be empty').max(120, 'must be at most 120 letters'),
  plateAt: moment,
  plan: cookPlanSchema,
  window: pullWindowSchema.optional(),
  spread: planSpreadSchema.optional(),
  /** Equipment it was planned on; the first logbooks do not contain it. */
  gear: gearUsedSchema.optional(),
  /** The cook whose pieces are in its pan before it: the pan is hot then, and it waits until they are out. */
  panAfter: id.optional(),
  /** The trial it belongs to, and which of its pieces it is. */
  trial: z.strictObject({ id, arm: z.int().min(0).max(5) }).optional(),
});
export type PlanRecord = z.infer<typeof planRecordSchema>;

/** Connection between pieces cooked for one plate. */
export const togetherSchema = z.strictObject({
  /** Id that is the same for all pieces of the plate. */
  id,
  /** Time that this piece, ready before the plate, waits for the others, s. */
  waits: z.number().min(0).max(86_400),
});
export type Together = z.infer<typeof togetherSchema>;

/** Start of a cook: it includes the plan, so that later edits of the plan do not affect the cook. */
export const cookStartSchema = z.strictObject({
  id,
  startedAt: moment,
  plan: planRecordSchema,
  together: togetherSchema.optional(),
});
export type CookStart = z.infer<typeof cookStartSchema>;

/** Most events of one cook: a day of a probe read every five seconds. */
export const MOST_EVENTS = 20_000;

/** A cook in full. */
export const cookRecordSchema = z.strictObject({
  id,
  createdAt: moment,
  plan: planRecordSchema,
  together: togetherSchema.optional(),
  events: z.array(cookEventSchema).max(MOST_EVENTS, `must hold at most ${MOST_EVENTS} events`),
  judgement: judgementSchema.optional(),
  /** Whether a photograph is stored with it. */
  photo: z.literal(true).optional(),
});
export type CookRecord = z.infer<typeof cookRecordSchema>;

/** A cook as one line of the logbook. */
export const cookLineSchema = z.strictObject({
  id,
  createdAt: moment,
  title: z.string(),
  cut: z.enum(CUT_IDS),
  /** The cook's own piece by its name, in place of the larder's. */
  own: z.string().optional(),
  way: z.enum(WAYS),
  thickness: z.number(),
  weight: z.number(),
  pan: z.number(),
  target: z.number(),
  cookSeconds: z.number(),
  /** From in to out of the heat as it happened, s. */
  actualSeconds: z.number().optional(),
  /** The same to the end of the leg that the thermometer decides: planned, and as it happened. */
  pullAt: z.number().optional(),
  actualPull: z.number().optional(),
  endTemperature: z.number().optional(),
  crust: judgedCode(CRUST_SEEN).optional(),
  again: judgedCode(WOULD_COOK_AGAIN).optional(),
  /** Share of the weight lost by the scales, and what the piece cost. */
  loss: z.number().optional(),
  paid: z.number().optional(),
  finished: z.boolean(),
  /** The plan used what past cooks had taught. */
  learned: z.literal(true).optional(),
  photo: z.literal(true).optional(),
  together: id.optional(),
  trial: id.optional(),
});
export type CookLine = z.infer<typeof cookLineSchema>;

/** Position in a list after which its next page begins. */
export const listMarkSchema = z.strictObject({ before: moment, id });
export type ListMark = z.infer<typeof listMarkSchema>;

export const cookListSchema = z.strictObject({
  cooks: z.array(cookLineSchema),
  /** Cooks that answer the search, of all pages. */
  found: z.int(),
  /** Mark after which the list continues; undefined at the end. */
  next: listMarkSchema.optional(),
});
export type CookList = z.infer<typeof cookListSchema>;

export const planListSchema = z.strictObject({
  plans: z.array(planRecordSchema),
  /** Start of the next page; absent on the last page. */
  next: listMarkSchema.optional(),
});
export type PlanList = z.infer<typeof planListSchema>;

/** The newest finished cooks, in full: what a kitchen is learned from. */
export const recentCooksSchema = z.strictObject({ cooks: z.array(cookRecordSchema) });
