import {
  runFor,
  type Environment,
  type Observer,
  type PieceSolver,
  type Surroundings,
} from '../heat';

/** How far the core must fall below its peak before the rest counts as over it, K. */
const PAST_PEAK = 0.02;
/** Longest rest searched for a peak, s. */
const LONGEST_REST = 7200;

/** The core's peak in the rest. */
export interface RestPeak {
  readonly celsius: number;
  /** Seconds after the rest began. */
  readonly after: number;
}

/** Rests from the present state until the core is past its peak. */
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
    return core < celsius - PAST_PEAK;
  });
  return { celsius, after };
};
