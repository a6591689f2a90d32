import { z } from 'zod';
import { readSteps } from '../phrases/readSteps';
import { WAYS } from '../plan/request/way';
import { crustNameSchema, logsSchema, lossSchema } from './cookFile';
import { cookPlanSchema } from './cookPlanSchema';
import { planRequestWith } from './planRequestSchema';

/** A line of a cook's own steps; refused with each part that was not understood. */
const ownSteps = z
  .string()
  .max(1000, 'must be at most 1000 characters')
  .transform((line, context) => {
    const { steps, unread } = readSteps(line, { isLine: true });
    for (const { text, why } of unread) {
      context.addIssue({ code: 'custom', message: `“${text}” was not understood: ${why}` });
    }
    if (unread.length === 0 && !steps.some((step) => step.do === 'pan' || step.do === 'oven')) {
      context.addIssue({ code: 'custom', message: 'must have a step in the pan or the oven' });
    }
    return steps;
  });

/** Second input of `crustan plan`: a piece, and the times that a cook means to use. */
export const timesFileSchema = planRequestWith({
  format: z.literal('crustan-times/1', 'must be "crustan-times/1"'),
  times: ownSteps,
  /** Taken from the steps. */
  way: z.enum(WAYS).default('once'),
});

/** Output of `crustan plan` for own times. */
export const timesResultSchema = z.strictObject({
  format: z.literal('crustan-times-result/1'),
  elapsedMs: z.number(),
  /** Steps that were read: s and C. */
  steps: z.array(z.looseObject({ do: z.enum(['pan', 'turn', 'oven', 'rest']) })),
  plan: cookPlanSchema,
  /** The core's peak over the target, K. */
  off: z.number(),
  /** Uncertainty of the end by the clock, K in both directions. */
  spread: z.number(),
  /** Additional (or fewer) seconds of these legs of the plan. */
  mend: z.strictObject({ legs: z.array(z.int()), seconds: z.number() }).optional(),
  /** Thicknesses for which these times end at the target, and within 1.5 K of the target, m. */
  thickness: z.strictObject({ right: z.number(), least: z.number(), most: z.number() }).optional(),
  /** The core's peak with every range at its least and at its most, C. */
  ranges: z.strictObject({ least: z.number(), most: z.number() }).optional(),
  /** Steps that end by the core: their place in `times`, how long they last, s, and how fast the core rises then, K/s. */
  ends: z.array(
    z.strictObject({ step: z.int(), seconds: z.number().optional(), rate: z.number() }),
  ),
  loss: lossSchema,
  logs: logsSchema.optional(),
  crustName: crustNameSchema,
});
