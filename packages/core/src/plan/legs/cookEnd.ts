/** The core through the end of a cook. */
export interface CookEnd {
  /** C at the pull. */
  readonly pullCore: number;
  /**
   * Core that is compared with the target, C, and its time, s after the last of the heat: of a whole piece when it is
   * carved, the peak of others.
   */
  readonly reached: number;
  readonly reachedAfter: number;
  /** Highest core after the pull, C, and when, s after the last of the heat; may be below zero. */
  readonly peak: number;
  readonly peakAfter: number;
}
