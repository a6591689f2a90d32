/** How a kitchen may differ from what its plan was told. */
export interface KitchenGuess {
  /** Oven air over its dial, K. */
  readonly oven: number;
  /** Contact coefficient over the usual. */
  readonly contact: number;
  /** Thickness over what was measured, m. */
  readonly thickness: number;
  /** Start over what was said, K. */
  readonly start: number;
}

/** The same with the pan, which a cook at the stove sees for himself. */
export interface KitchenOff extends KitchenGuess {
  /** Pan over what was told, K. */
  readonly pan?: number | undefined;
}

export const GUESSED = ['oven', 'contact', 'thickness', 'start'] as const;
export type Guessed = (typeof GUESSED)[number];

/** As told. */
export const AS_TOLD: KitchenGuess = { oven: 0, contact: 1, thickness: 0, start: 0 };

/**
 * How far off each usually is, one standard deviation; contact as its logarithm. Ovens are
 * commonly 25 K off either way, rulers 4 mm on a piece that gives, hands 4 K on a fridge, and a
 * pressed face's contact 30 % (practice, and the spread of published coefficients); an even chance
 * over such a range has 0.58 of it for deviation.
 */
export const USUAL_ERROR: Readonly<Record<Guessed, number>> = {
  oven: 14.5,
  contact: 0.17,
  thickness: 0.0023,
  start: 2.3,
};

/** A guess from deviations in units of the usual error, in the order of `GUESSED`. */
export const guessAt = (p: ArrayLike<number>): KitchenGuess => ({
  oven: p[0] * USUAL_ERROR.oven,
  contact: Math.exp(p[1] * USUAL_ERROR.contact),
  thickness: p[2] * USUAL_ERROR.thickness,
  start: p[3] * USUAL_ERROR.start,
});
