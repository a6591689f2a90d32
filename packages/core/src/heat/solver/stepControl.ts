/** Resolution in time; the defaults keep the core within 0.1 C of a converged run. */
export interface StepControl {
  /** Mean error of the field a step may add, K. */
  readonly meanError: number;
  /** Error the cells at any one depth may add, K. */
  readonly cellError: number;
  /** Longest step, s. */
  readonly longest: number;
}

export const DEFAULT_STEP_CONTROL: StepControl = { meanError: 0.018, cellError: 2.2, longest: 30 };

/** For searches on coarse sections: a core within 0.1 C of the default's, for four steps in five. */
export const SEARCH_STEP_CONTROL: StepControl = { meanError: 0.03, cellError: 3.5, longest: 30 };

/** No step is shorter, s; a stage begins with the first; none grows faster than this. */
export const SHORTEST_STEP = 1e-3;
export const FIRST_STEP = 0.05;
export const STEP_GROWTH = 2;

/**
 * Implicitness of the time step: 0.5 is Crank-Nicolson, 1 is backward Euler. Near 0.5 the time error is a fifth of
 * backward Euler’s. Above 0.5 the oscillations that a sudden change excites in the thin outer cells decay.
 */
export const IMPLICIT = 0.6;
