import { z } from 'zod';
import { moment } from './cookEventSchema';
import { kitchenSchema } from './kitchen';

/** The kitchen, and when it was last changed. */
export const keptKitchenSchema = z.strictObject({
  kitchen: kitchenSchema,
  changedAt: moment,
  /** The stored kitchen cannot be read: this is the last valid one before it, or the default. */
  recovered: z.literal(true).optional(),
});
export type KeptKitchen = z.infer<typeof keptKitchenSchema>;
