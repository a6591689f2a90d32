import { z } from 'zod';
import { WAYS } from '../plan/request/way';
import { crustNameSchema, logsSchema, lossSchema } from './cookFile';
import { planRequestWith } from './planRequestSchema';
import { cookPlanSchema, planSpreadSchema, pullWindowSchema } from './cookPlanSchema';

/** Input of `crustan plan`: a request, and the plate time if a timeline is wanted. */
export const planFileSchema = planRequestWith({
  format: z.literal('crustan-plan/1', 'must be "crustan-plan/1"'),
  plateAt: z.iso
    .datetime({ offset: true, error: 'must be a time such as 2026-11-24T19:30:00+01:00' })
    .optional(),
});

const remedySchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('thickness'), thickness: z.number() }),
  z.strictObject({ kind: z.literal('pan'), pan: z.number() }),
  z.strictObject({ kind: z.literal('turn-down'), panAfter: z.number() }),
  z.strictObject({ kind: z.literal('way'), way: z.enum(WAYS) }),
  z.strictObject({ kind: z.literal('oven'), air: z.number() }),
  z.strictObject({ kind: z.literal('target'), target: z.number() }),
]);

/** Output of `crustan plan`. */
export const planFileResultSchema = z.discriminatedUnion('feasible', [
  z.strictObject({
    format: z.literal('crustan-plan-result/1'),
    elapsedMs: z.number(),
    feasible: z.literal(true),
    plan: cookPlanSchema,
    window: pullWindowSchema,
    spread: planSpreadSchema,
    loss: lossSchema,
    logs: logsSchema.optional(),
    crustName: crustNameSchema,
    /** Offered when the crust is pale or charred. */
    remedies: z.array(remedySchema),
    /** Seconds from the first heat, and clock times when a plate time was given. */
    run: z.array(
      z.strictObject({
        kind: z.string(),
        at: z.number(),
        seconds: z.number(),
        hands: z.enum(['on', 'free']),
        /** Index of the plan's leg to which it belongs. */
        leg: z.int().optional(),
        clock: z.string().optional(),
      }),
    ),
  }),
  z.strictObject({
    format: z.literal('crustan-plan-result/1'),
    elapsedMs: z.number(),
    feasible: z.literal(false),
    obstacle: z.looseObject({ reason: z.string() }),
    remedies: z.array(remedySchema),
  }),
]);
