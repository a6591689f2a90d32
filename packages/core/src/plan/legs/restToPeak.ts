import {
  runFor,
  type Environment,
  type Observer,
  type PieceSolver,
  type Surroundings,
} from '../../heat';

/** Fall of the core below its peak, K, from which the end of the rest is checked. */
const PAST_PEAK = 0.02;
/** The rest ends when no cell is hotter than the peak by more than this, K. */
const LEFT_OVER = 0.05;
/** Longest rest searched for a peak, s. */
const LONGEST_REST = 7200;

/** The core in the rest. */
export interface RestPeak {
  /** Its peak, C, and seconds after the rest began. */
  readonly celsius: number;
  readonly after: number;
  /** Core when the piece is carved, C; of a piece that is not, its peak. */
  readonly carved: number;
}

/** Temperature of the hottest cell, C. */
const hottestOf = ({ temperature }: PieceSolver): number => {
  let hottest = -Infinity;
  for (const celsius of temperature) if (celsius > hottest) hottest = celsius;
  return hottest;
};

/**
 * Rests from the present state until the core is below its peak and no cell is hotter than the peak. The heat of a
 * late sear can reach the core after a first peak.
 * @param carveAfter s after the start of the rest; undefined: not carved before its peak
 */
export const restToPeak = (
  solver: PieceSolver,
  around: Surroundings | Environment,
  watch?: Observer,
  carveAfter?: number,
): RestPeak => {
  let celsius = solver.core;
  let after = 0;
  let carved = carveAfter === undefined ? undefined : solver.core;
  let last = { t: 0, core: solver.core };
  runFor(solver, around, LONGEST_REST, (t) => {
    watch?.(t);
    const core = solver.core;
    if (core > celsius) {
      celsius = core;
      after = t;
    }
    if (carveAfter !== undefined && last.t < carveAfter) {
      const share = Math.min(1, (carveAfter - last.t) / (t - last.t));
      carved = last.core + share * (core - last.core);
      last = { t, core };
    }
    if (carveAfter !== undefined && t < carveAfter) return false;
    return core < celsius - PAST_PEAK && hottestOf(solver) < celsius + LEFT_OVER;
  });
  return { celsius, after, carved: carved ?? celsius };
};
