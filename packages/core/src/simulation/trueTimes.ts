/** True duration of a piece in its hidden kitchen: planned seconds to true ones, leg by leg. */
export interface TrueTimes {
  /** Ends of the legs as planned and as they really are, s from the first heat; both begin with 0. */
  readonly planned: readonly number[];
  readonly real: readonly number[];
}

/** A planned moment as it really comes, s from the first heat. */
export const toActualTime = ({ planned, real }: TrueTimes, at: number): number => {
  const last = planned.length - 1;
  for (let i = 1; i <= last; i += 1) {
    if (at > planned[i] && i < last) continue;
    const span = planned[i] - planned[i - 1];
    const share = span > 0 ? (at - planned[i - 1]) / span : 1;
    return real[i - 1] + share * (real[i] - real[i - 1]);
  }
  return at;
};
