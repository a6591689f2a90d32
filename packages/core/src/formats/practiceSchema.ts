import { z } from 'zod';
import { id, moment } from './cookEventSchema';

/** Most calls of one round of a drill. */
const MOST_CALLS = 50;

/** A temperature that was called by eye, finger or ear, and the one it was, C. */
export const drillCallSchema = z.strictObject({
  called: z.number().min(-50).max(500),
  was: z.number().min(-50).max(500),
});

/** Result of a lesson of the course, or of a round of a drill. */
export const practiceResultSchema = z.strictObject({
  id,
  at: moment,
  /** The lesson or the drill. */
  of: z
    .string()
    .min(1)
    .max(40)
    .regex(/^[a-z-]+$/, 'must be a name in small letters'),
  score: z.number().min(0).max(100),
  calls: z.array(drillCallSchema).max(MOST_CALLS).optional(),
});
export type PracticeResultRecord = z.infer<typeof practiceResultSchema>;

/** Everything that was practised, oldest first. */
export const practiceListSchema = z.object({ results: z.array(practiceResultSchema) });
