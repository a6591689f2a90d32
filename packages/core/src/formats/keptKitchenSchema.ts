import { z } from 'zod';
import { moment } from './cookEventSchema';
import { kitchenSchema } from './kitchen';

/** The kitchen, and when it was last changed. */
export const keptKitchenSchema = z.strictObject({ kitchen: kitchenSchema, changedAt: moment });
export type KeptKitchen = z.infer<typeof keptKitchenSchema>;
