import { z } from 'zod';
import type { GearIds } from '../gear/gearIds';

const id = z.string().trim().min(1).max(60);

/** Ids of a pan, a burner and an oven of the kitchen. */
export const gearIdsSchema = z.strictObject({
  pan: id,
  burner: id,
  oven: id,
}) satisfies z.ZodType<GearIds>;
