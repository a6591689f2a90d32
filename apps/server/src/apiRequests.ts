import { z } from 'zod';
import {
  cookEventSchema,
  cookSearchSchema,
  demandDaySchema,
  SEARCH_FIGURES,
  serviceEventsSchema,
  type ListMark,
} from '@crustan/core/formats';

/** Parameters of API requests besides the shared messages. */

export const idParam = z.object({ id: z.uuid('must be a UUID') });

/** A time in an address. */
const inAddress = z.coerce.number('must be a time in ms').int().positive();

export const cookEventBatch = z.strictObject({
  events: z
    .array(cookEventSchema, 'must be a list of events')
    .min(1, 'must hold at least one event')
    .max(200, 'must hold at most 200 events'),
});
/** Offset of a page of a list. */
export const planListQuery = z.object({
  before: inAddress.optional(),
  beforeId: z.uuid('must be a UUID').optional(),
});

/** Mark of a page; without an id, before everything of that moment. */
export const markOf = (before: number, id = '00000000-0000-0000-0000-000000000000'): ListMark => ({
  before,
  id,
});

/** A figure in an address; the search's own schema bounds it. */
const figureInAddress = z.coerce
  .number('must be a figure')
  .min(SEARCH_FIGURES.least)
  .max(SEARCH_FIGURES.most)
  .optional();
const searchInAddress = cookSearchSchema.extend({
  thicknessFrom: figureInAddress,
  thicknessTo: figureInAddress,
  weightFrom: figureInAddress,
  weightTo: figureInAddress,
  targetFrom: figureInAddress,
  targetTo: figureInAddress,
  from: inAddress.optional(),
  to: inAddress.optional(),
});
export const cookListQuery = searchInAddress.extend({
  before: inAddress.optional(),
  beforeId: z.uuid('must be a UUID').optional(),
});
export const recentQuery = z.object({ most: z.coerce.number().int().min(1).max(40).default(16) });
export const linesQuery = searchInAddress;

/** Most streams one page follows at once; the cooks of a service go with it. */
const MOST_FOLLOWED = 60;
const FOLLOWED = /^(cook|service):([0-9a-f-]{36})\.(\d{1,15})$/;
const followedSchema = z.string().transform((text, { addIssue }) => {
  const [, of, id, seq] = FOLLOWED.exec(text) ?? [];
  if (of === undefined || id === undefined) {
    addIssue('must be cook:ID.SEQ or service:ID.SEQ');
    return z.NEVER;
  }
  return { of: of === 'cook' ? ('cook' as const) : ('service' as const), id, seq: Number(seq) };
});
export const logStreamQuery = z.object({
  /** Streams, a comma between them, and up to where in the log the page has each. */
  follow: z
    .string('must be streams, a comma between them')
    .transform((text) => text.split(','))
    .pipe(z.array(followedSchema).min(1).max(MOST_FOLLOWED)),
  /** Logbook whose log contains those places; places of another logbook are ignored. */
  book: z.uuid('must be a UUID').optional(),
});

export const serviceEventBatch = z.strictObject({ events: serviceEventsSchema });

export const simulatedQuery = z.object({
  cook: z.uuid('must be a UUID'),
  seed: z.coerce.number('must be a number').int().min(0).max(999_999_999).default(7),
  /** The page's clock now, ms since 1970, and how many times faster than the world's it runs. */
  clock: z.coerce.number('must be a time in ms').int().positive(),
  speed: z.coerce.number('must be from 1 to 60').min(1).max(60).default(1),
});

/** Whether dishes that were taken off the menu are wanted too. */
export const dishesQuery = z.object({ removed: z.enum(['true', 'false']).optional() });

export const demandSchema = z.strictObject({
  days: z.array(demandDaySchema).max(5000, 'must hold at most 5000 days'),
});
