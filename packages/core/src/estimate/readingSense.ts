/** Probable meaning of a typed reading. */
export type ReadingSense =
  | { readonly kind: 'plausible' }
  /** The figure was read in the other unit: what it would be then, C. */
  | { readonly kind: 'other-unit'; readonly celsius: number }
  /** Neither unit explains it: higher or lower than the middle can be. */
  | { readonly kind: 'unlikely'; readonly over: number };

/** A reading within this of the expected core is plausible, K. */
const BELIEVED = 14;
/** A reading in the other unit must lie within this of the expected core, K. */
const EXPLAINED = 8;

/**
 * Whether a reading is plausible for the expected core. Fahrenheit taken for Celsius
 * is the commonest slip, among professionals too.
 * @param celsius as taken, C
 * @param expected C
 */
export const readingSense = (celsius: number, expected: number): ReadingSense => {
  const over = celsius - expected;
  if (Math.abs(over) <= BELIEVED) return { kind: 'plausible' };
  for (const other of [(celsius - 32) / 1.8, celsius * 1.8 + 32]) {
    if (Math.abs(other - expected) <= EXPLAINED) return { kind: 'other-unit', celsius: other };
  }
  return { kind: 'unlikely', over };
};
