import { z } from 'zod';
import { CUT_IDS } from '../food/cuts';
import { DONENESS_CODES } from '../phrases/donenessWord';
import { WAYS } from '../plan/request/way';
import { bounded } from './bounded';
import { moment } from './cookEventSchema';
import {
  CRUNCH_FELT,
  CRUST_SEEN,
  GREY_BAND_SEEN,
  judgedCode,
  JUICE_SEEN,
  SEASONING_TASTED,
  TENDERNESS_FELT,
  WOULD_COOK_AGAIN,
} from './judgementSchema';

/** Result of a cook compared with its plan. */
export const ENDED = ['too-done', 'under-done', 'as-planned'] as const;
export type Ended = (typeof ENDED)[number];
/**
 * Largest difference between actual and planned core at which a cook ended as planned, K. A cook sees no smaller
 * difference in the slice.
 */
export const ENDED_AS_PLANNED = 2;

/** Bounds of the figures of a search. */
export const SEARCH_FIGURES = { least: 0, most: 1000 } as const;
const figure = bounded(SEARCH_FIGURES, '');

/** Conditions of a search of the logbook; all must hold. Lengths in m, weights in kg, temperatures in C. */
export const cookSearchSchema = z.strictObject({
  /** Words, each somewhere in the title, the piece's name or the notes. */
  words: z.string().trim().max(120).optional(),
  cut: z.enum(CUT_IDS).optional(),
  /** The words that named the piece: a cook whose title or notes hold them is found too. */
  named: z.string().trim().min(1).max(60).optional(),
  /** Planned end of the core, by its name on the scale of each animal. */
  doneness: z.enum(DONENESS_CODES).optional(),
  way: z.enum(WAYS).optional(),
  ended: z.enum(ENDED).optional(),
  crust: judgedCode(CRUST_SEEN).optional(),
  crunch: judgedCode(CRUNCH_FELT).optional(),
  greyBand: judgedCode(GREY_BAND_SEEN).optional(),
  juice: judgedCode(JUICE_SEEN).optional(),
  tenderness: judgedCode(TENDERNESS_FELT).optional(),
  seasoning: judgedCode(SEASONING_TASTED).optional(),
  again: judgedCode(WOULD_COOK_AGAIN).optional(),
  thicknessFrom: figure.optional(),
  thicknessTo: figure.optional(),
  weightFrom: figure.optional(),
  weightTo: figure.optional(),
  targetFrom: figure.optional(),
  targetTo: figure.optional(),
  from: moment.optional(),
  to: moment.optional(),
});
export type CookSearch = z.infer<typeof cookSearchSchema>;
