import { z } from 'zod';
import { PLAN_LIMITS } from '../plan/request/limits';
import { bounded } from './bounded';

export const CRUST_SEEN = ['pale', 'golden', 'deep-brown', 'dark', 'burnt'] as const;
/** The knife drawn over it. */
export const CRUNCH_FELT = ['soft', 'some', 'crisp'] as const;
export const GREY_BAND_SEEN = ['none', 'thin', 'wide'] as const;
/** On the board after slicing. */
export const JUICE_SEEN = ['dry-board', 'little', 'pool'] as const;
export const TENDERNESS_FELT = ['tough', 'fair', 'tender'] as const;
export const SEASONING_TASTED = ['too-little', 'right', 'too-much'] as const;
export const WOULD_COOK_AGAIN = ['again', 'with-change', 'never'] as const;

/** Words that logbooks and files of the first schemas contain in place of a code. */
const FIRST_WORDS: Readonly<Record<string, string>> = {
  'deep brown': 'deep-brown',
  'dry board': 'dry-board',
  'a little': 'little',
  'a pool': 'pool',
  'too little': 'too-little',
  'too much': 'too-much',
  'with a change': 'with-change',
  'never again': 'never',
};

/** One of some codes, or the word that the first schemas had for it. */
export const judgedCode = <const T extends readonly string[]>(values: T) =>
  z.preprocess(
    (value) => (typeof value === 'string' ? (FIRST_WORDS[value] ?? value) : value),
    z.enum(values, `must be one of ${values.join(', ')}`),
  );
const oneOf = <const T extends readonly string[]>(values: T) => judgedCode(values).optional();

/** Depth of grey under one face, m. */
const greyDepth = bounded({ least: 0, most: PLAN_LIMITS.thickness.most }, 'm');

/** Depths of grey under the two faces of a photographed slice, as lines drawn on it show them. */
export const greyDepthsSchema = z.strictObject({ upper: greyDepth, lower: greyDepth });
export type GreyDepths = z.infer<typeof greyDepthsSchema>;

/** The cook's judgement of a piece. */
export const judgementSchema = z.strictObject({
  /** Highest core temperature measured, C, if it was. */
  endTemperature: bounded({ least: 0, most: 120 }, 'C').optional(),
  /** The doneness seen in the slice, in the words of the kitchen's scale. */
  doneness: z
    .string()
    .trim()
    .min(1, 'must not be empty')
    .max(40, 'must be at most 40 letters')
    .optional(),
  crust: oneOf(CRUST_SEEN),
  crunch: oneOf(CRUNCH_FELT),
  greyBand: oneOf(GREY_BAND_SEEN),
  greyDepths: greyDepthsSchema.optional(),
  juice: oneOf(JUICE_SEEN),
  tenderness: oneOf(TENDERNESS_FELT),
  seasoning: oneOf(SEASONING_TASTED),
  again: oneOf(WOULD_COOK_AGAIN),
  /** On the scales before the salt and after the rest, kg. */
  weightBefore: bounded(PLAN_LIMITS.weight, 'kg').optional(),
  weightAfter: bounded(PLAN_LIMITS.weight, 'kg').optional(),
  /** Price of the piece, in the kitchen's currency. */
  paid: bounded({ least: 0, most: 100_000 }, '').optional(),
  notes: z.string().max(2000, 'must be at most 2000 letters'),
});
export type Judgement = z.infer<typeof judgementSchema>;

/** The share of its weight that a piece lost, by the scales; undefined unless weighed twice. */
export const weighedLoss = ({
  weightBefore,
  weightAfter,
}: Pick<Judgement, 'weightBefore' | 'weightAfter'>): number | undefined =>
  weightBefore === undefined || weightAfter === undefined
    ? undefined
    : 1 - weightAfter / weightBefore;
