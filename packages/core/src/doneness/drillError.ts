/** Error of a cook's answers in drills, by the eye or by the finger: mean of called less true, and its deviation, K. */
export interface DrillError {
  readonly bias: number;
  /** Undefined after a single answer. */
  readonly spread: number | undefined;
}
