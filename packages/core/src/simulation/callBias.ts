/** Subjects of drills: doneness by the finger, by the slice, and a pan's temperature by its signs. */
export const DRILLS = ['touch', 'slice', 'pan'] as const;
export type DrillKind = (typeof DRILLS)[number];

/** Answered and true temperature, C. */
export interface DrillCall {
  readonly called: number;
  readonly was: number;
}

/** Error of a learner's answers. */
export interface CallBias {
  readonly calls: number;
  /** Share within what counts as right. */
  readonly right: number;
  /** Mean of called less true, K: above zero things are taken for hotter than they are. */
  readonly bias: number;
  /** Deviation about it, K; undefined for a single call. */
  readonly spread: number | undefined;
}

/** Largest error of a right answer, K: a doneness is four degrees wide; pans are read less finely. */
export const RIGHT_WITHIN: Readonly<Record<DrillKind, number>> = { touch: 4, slice: 3, pan: 20 };

/** Error of answers about the truth; undefined without any. */
export const callBias = (kind: DrillKind, calls: readonly DrillCall[]): CallBias | undefined => {
  if (calls.length === 0) return undefined;
  const off = calls.map(({ called, was }) => called - was);
  const bias = off.reduce((sum, each) => sum + each, 0) / off.length;
  const square = off.reduce((sum, each) => sum + (each - bias) ** 2, 0);
  return {
    calls: off.length,
    right: off.filter((each) => Math.abs(each) <= RIGHT_WITHIN[kind]).length / off.length,
    bias,
    spread: off.length > 1 ? Math.sqrt(square / (off.length - 1)) : undefined,
  };
};
