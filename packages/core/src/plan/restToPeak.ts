import {
  runFor,
  type Environment,
  type Observer,
  type PieceSolver,
  type Surroundings,
} from '../heat';

/** How far the core must fall below its peak before it is asked whether any heat is left to raise it, K. */
const PAST_PEAK = 0.02;
/** Nothing hotter than the peak by more than this is left in the piece when its rest ends, K. */
const LEFT_OVER = 0.05;
/** Longest rest searched for a peak, s. */
const LONGEST_REST = 7200;

/** The core's peak in the rest. */
export interface RestPeak {
  readonly celsius: number;
  /** Seconds after the rest began. */
  readonly after: number;
}

/** Temperature of the hottest cell, C. */
const hottestOf = ({ temperature }: PieceSolver): number => {
  let hottest = -Infinity;
  for (const celsius of temperature) if (celsius > hottest) hottest = celsius;
  return hottest;
};

/**
 * Rests from the present state until the core is past its peak and no heat is left in the piece that could
 * raise it again: heat of a late sear reaches the core after a first peak.
 */
export const restToPeak = (
  solver: PieceSolver,
  around: Surroundings | Environment,
  watch?: Observer,
): RestPeak => {
  let celsius = solver.core;
  let after = 0;
  runFor(solver, around, LONGEST_REST, (t) => {
    watch?.(t);
    const core = solver.core;
    if (core > celsius) {
      celsius = core;
      after = t;
    }
    return core < celsius - PAST_PEAK && hottestOf(solver) < celsius + LEFT_OVER;
  });
  return { celsius, after };
};
