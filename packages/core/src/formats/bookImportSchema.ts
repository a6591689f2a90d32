import { z } from 'zod';
import { id } from './cookEventSchema';

export const IMPORT_PHASES = [
  'receiving',
  'checking',
  'ready',
  'storing',
  'done',
  'stopped',
  'refused',
] as const;

/** Progress and result of the import of a logbook. */
export const bookImportSchema = z.strictObject({
  id,
  phase: z.enum(IMPORT_PHASES),
  /** Share of the present phase that is done, 0 to 1. */
  progress: z.number().min(0).max(1),
  cooks: z.int(),
  readings: z.int(),
  plans: z.int(),
  trials: z.int(),
  dishes: z.int(),
  services: z.int(),
  /** Dishes of past days, counted. */
  demand: z.int(),
  /** Lessons and rounds of drills. */
  practice: z.int(),
  /** Cooks that the logbook has already: unchanged. */
  here: z.int(),
  /** Cooks that the logbook has deleted: they are put back. */
  back: z.int(),
  kitchen: z.boolean(),
  /** First parts that were left out, with place and reason. */
  problems: z.array(z.strictObject({ where: z.string(), why: z.string() })),
  problemCount: z.int(),
  /** The file ends in the middle; what comes before is whole. */
  truncated: z.boolean(),
  /** Reason why the whole file was rejected. */
  refusal: z.string().optional(),
});
export type BookImport = z.infer<typeof bookImportSchema>;
