/** One figure of two cooks, with its standard deviation between two like pieces. */
export interface Compared {
  readonly a: number;
  readonly b: number;
  readonly scatter: number;
}

/** Conclusion from a difference between two single cooks. */
export interface Difference {
  /** b less a. */
  readonly by: number;
  /** Nineteen of twenty pairs of like cooks differ by less than this. */
  readonly expected: number;
  readonly beyond: boolean;
}

const NINETEEN_OF_TWENTY = 1.96;
/** And the chance to see a difference that is there, four of five. */
const FOUR_OF_FIVE = 0.84;
/** More pairs than anybody cooks. */
const MOST_PAIRS = 200;

/** Two cooks' figures against what two like cooks differ by anyway. */
export const differenceOf = ({ a, b, scatter }: Compared): Difference => {
  const expected = NINETEEN_OF_TWENTY * Math.SQRT2 * scatter;
  return { by: b - a, expected, beyond: Math.abs(b - a) > expected };
};

/**
 * Pairs of cooks it takes to see a difference, nineteen times of twenty right and four of five times
 * seen; undefined: more than anybody cooks.
 * @param by the difference there is, as simulated
 * @param scatter standard deviation of one cook, same unit
 */
export const pairsToSee = (by: number, scatter: number): number | undefined => {
  if (by === 0) return undefined;
  const pairs = Math.ceil((2 * scatter ** 2 * (NINETEEN_OF_TWENTY + FOUR_OF_FIVE) ** 2) / by ** 2);
  return pairs > MOST_PAIRS ? undefined : Math.max(1, pairs);
};
