/** Meanings of words, independent of the language. */
export const WORD_CODES = [
  // Actions.
  'turn',
  'sear',
  'roast',
  'rest-verb',
  'baste',
  'butter',
  'move',
  'heat-up',
  'burner-down',
  'burner-up',
  'cover',
  'stop-cooking',
  // Places.
  'oven',
  'pan',
  'board',
  'cold-pan',
  // Repeats, durations and sides.
  'per-side',
  'each-of',
  'sides',
  'first-side',
  'second-side',
  'skin-down',
  'skin-up',
  'every',
  'until',
  'to',
  'more',
  'high-heat',
  'before',
  'after',
  'halfway',
  'repeat',
  'leave',
  'doneness',
  'per-size',
  // Preparation before the heat.
  'temper',
  'salt',
  'dry',
  // Neither of the piece nor of its heat.
  'other',
  'not',
  'filler',
] as const;
export type WordCode = (typeof WORD_CODES)[number];

/** Position of a phrase in the text: characters; the end is exclusive. */
export interface Span {
  readonly from: number;
  readonly to: number;
}

/** The smallest part of a text that has a meaning. Times in s, heats in C, lengths in m, weights in kg. */
export type Phrase<Code extends string = WordCode> = Span &
  (
    | {
        readonly is: 'time';
        readonly least: number;
        readonly most: number;
        /** Whether a unit has no number: its count is 1, or the number before it. */
        readonly unit?: true;
        /** Number of repetitions: `2 x 1 min`. */
        readonly count?: number;
      }
    | {
        readonly is: 'heat';
        readonly least: number;
        readonly most: number;
      }
    /** A number without a unit. */
    | { readonly is: 'number'; readonly least: number; readonly most: number }
    /** Number of repetitions. */
    | { readonly is: 'times'; readonly count: number }
    | { readonly is: 'length' | 'weight'; readonly least: number; readonly most: number }
    | { readonly is: 'word'; readonly code: Code }
    /** The end of a sentence, a line, or a step. */
    | { readonly is: 'stop' }
    | { readonly is: 'comma' }
    | { readonly is: 'unknown' }
  );
