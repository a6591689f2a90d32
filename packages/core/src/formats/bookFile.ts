import { z } from 'zod';
import { id, moment } from './cookEventSchema';
import { kitchenSchema } from './kitchen';
import { cookRecordSchema, planRecordSchema } from './messages';
import { trialSchema } from './trialSchema';

export const BOOK_FORMAT = 'crustan-book/1';

/** Photographs as they are kept, and how large one may be. */
export const PHOTO_TYPES = ['image/jpeg', 'image/png', 'image/webp'] as const;
export const MOST_PHOTO_BYTES = 3_000_000;

export const photoSchema = z.strictObject({
  type: z.enum(PHOTO_TYPES),
  /** Base64. */
  data: z.base64().max(Math.ceil((MOST_PHOTO_BYTES * 4) / 3) + 4),
});

/** A cook as the book file has it: in full, its photograph with it. */
export const bookCookSchema = cookRecordSchema.omit({ photo: true }).extend({
  photo: photoSchema.optional(),
});
export type BookCook = z.infer<typeof bookCookSchema>;

/** The kitchen, and when it was last changed. */
export const keptKitchenSchema = z.strictObject({ kitchen: kitchenSchema, changedAt: moment });
export type KeptKitchen = z.infer<typeof keptKitchenSchema>;

/** The whole book as one file. */
export const bookFileSchema = z.strictObject({
  format: z.literal(BOOK_FORMAT, `must be "${BOOK_FORMAT}"`),
  kitchen: keptKitchenSchema.optional(),
  plans: z.array(planRecordSchema),
  trials: z.array(trialSchema),
  cooks: z.array(bookCookSchema),
});
export type BookFile = z.infer<typeof bookFileSchema>;

export const IMPORT_PHASES = [
  'receiving',
  'checking',
  'ready',
  'storing',
  'done',
  'stopped',
  'refused',
] as const;

/** How far the import of a book has come, and what it found. */
export const bookImportSchema = z.strictObject({
  id,
  phase: z.enum(IMPORT_PHASES),
  /** Share of the present phase that is done, 0 to 1. */
  progress: z.number().min(0).max(1),
  cooks: z.int(),
  readings: z.int(),
  plans: z.int(),
  trials: z.int(),
  /** Cooks that the book has already: left as they are. */
  here: z.int(),
  /** Cooks that the book has deleted: they are put back. */
  back: z.int(),
  kitchen: z.boolean(),
  /** Parts left out, with where and why; the first of them. */
  problems: z.array(z.strictObject({ where: z.string(), why: z.string() })),
  problemCount: z.int(),
  /** The file ends in the middle; what comes before is whole. */
  truncated: z.boolean(),
  /** Why the whole file was refused. */
  refusal: z.string().optional(),
});
export type BookImport = z.infer<typeof bookImportSchema>;
