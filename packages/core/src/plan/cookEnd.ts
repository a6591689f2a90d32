/** The core through the end of a cook. */
export interface CookEnd {
  /** C at the pull. */
  readonly pullCore: number;
  /** Highest core after the pull, C, and when, s after the last of the heat; may be below zero. */
  readonly peak: number;
  readonly peakAfter: number;
}
