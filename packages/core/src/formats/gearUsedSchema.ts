import { z } from 'zod';
import { BURNER_KINDS } from '../gear/pan';
import type { GearUsed } from '../learn/loggedCook';
import { bounded } from './bounded';
import { GEAR_LIMITS, panSchema } from './kitchen';

/** Equipment that a cook was planned on, from which its kitchen is learned. */
export const gearUsedSchema = z.strictObject({
  /** Its id in the kitchen; the first logbooks' pans are known by their names. */
  pan: z.strictObject({ id: z.string().min(1).max(60).optional(), ...panSchema.shape }),
  burner: z.strictObject({
    kind: z.enum(BURNER_KINDS),
    power: bounded(GEAR_LIMITS.power, 'W'),
    /** Learned share of that power. */
    share: bounded(GEAR_LIMITS.share, ''),
  }),
  oven: z.strictObject({
    offset: bounded(GEAR_LIMITS.offset, 'C'),
    lag: bounded(GEAR_LIMITS.lag, 's'),
  }),
}) satisfies z.ZodType<GearUsed>;
