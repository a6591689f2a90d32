import { z } from 'zod';
import { BOOK_FORMAT } from './bookFormat';
import { demandDaySchema } from './demandDaySchema';
import { keptKitchenSchema } from './keptKitchenSchema';
import { cookRecordSchema, planRecordSchema } from './messages';
import { practiceResultSchema } from './practiceSchema';
import { menuDishSchema, serviceInFullSchema } from './serviceSchema';
import { trialSchema } from './trialSchema';

/** Types of stored photographs, and their size limit. */
export const PHOTO_TYPES = ['image/jpeg', 'image/png', 'image/webp'] as const;
export const MOST_PHOTO_BYTES = 3_000_000;

export const photoSchema = z.strictObject({
  type: z.enum(PHOTO_TYPES),
  /** Base64. */
  data: z.base64().max(Math.ceil((MOST_PHOTO_BYTES * 4) / 3) + 4),
});

/** A cook as the logbook file has it: in full, its photograph with it. */
export const bookCookSchema = cookRecordSchema.omit({ photo: true }).extend({
  photo: photoSchema.optional(),
});
export type BookCook = z.infer<typeof bookCookSchema>;

/** A service as the logbook file has it: its cooks are with the others. */
export const bookServiceSchema = serviceInFullSchema.omit({ cooks: true });
export type BookService = z.infer<typeof bookServiceSchema>;

/** The whole logbook as one file; a home's has no menu, services or demand. */
export const bookFileSchema = z.strictObject({
  format: z.literal(BOOK_FORMAT, `must be "${BOOK_FORMAT}"`),
  kitchen: keptKitchenSchema.optional(),
  plans: z.array(planRecordSchema),
  trials: z.array(trialSchema),
  dishes: z.array(menuDishSchema).optional(),
  services: z.array(bookServiceSchema).optional(),
  demand: z.array(demandDaySchema).optional(),
  practice: z.array(practiceResultSchema).optional(),
  cooks: z.array(bookCookSchema),
});
export type BookFile = z.infer<typeof bookFileSchema>;
