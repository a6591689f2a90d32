import { z } from 'zod';
import { TRIAL_KINDS, type Trial } from '../trial/trial';
import { id, moment } from './cookEventSchema';

const words = z.string().trim().min(1, 'must not be empty').max(120, 'must be at most 120 letters');
const arm = z.int().min(0).max(5);

/** Two or more cooks with one difference. */
export const trialSchema = z.strictObject({
  id,
  createdAt: moment,
  title: words,
  kind: z.enum(TRIAL_KINDS),
  /** Settings of each piece, and its cook once it is on. */
  arms: z
    .array(z.strictObject({ label: words, cook: id.optional() }))
    .min(2, 'must hold at least two pieces')
    .max(6, 'must hold at most six pieces'),
  /** The order it was tasted in, blind: the arm that each plate in turn had. */
  tasting: z
    .strictObject({
      order: z.array(arm).min(2).max(6),
      /** The plate each taster liked best, by its place in the order. */
      liked: z.array(arm).max(40),
      opened: z.boolean(),
    })
    .optional(),
}) satisfies z.ZodType<Trial>;
export const trialListSchema = z.strictObject({ trials: z.array(trialSchema) });
