import type { Goal } from '../judging/goal';
import type { PieceSolver } from '../solver/pieceSolver';
import type { Surroundings } from '../places/surroundings';

/** Sees the solver after each step; returns true to stop. `seconds` counts from the run's start. */
export type Observer = (seconds: number) => boolean;

/** Surroundings that change while the piece is in them: a pan that cools, an oven that cycles. */
export interface Environment {
  readonly around: Surroundings;
  /** The environment may change so fast that no step should be longer, s. */
  readonly longest: number;
  /** Called as a run begins: the piece may have been turned since the last. */
  readonly begin?: () => void;
  /** Follows the piece over the step just made. */
  readonly follow: (solver: PieceSolver, dt: number) => void;
}

/** Steps one run may take before it counts as stuck; a day's oven needs some ten thousand. */
const MOST_STEPS = 200_000;
/** Shortest step towards a goal, s: a goal is met to about this. */
const CLOSEST = 1e-3;

const isEnvironment = (at: Surroundings | Environment): at is Environment => 'follow' in at;

/**
 * Runs the solver in fixed or changing surroundings for at most `seconds`, or until a goal is met:
 * then the last steps are cut to meet it.
 * @returns the seconds run: fewer when `watch` stopped it or the goal was met
 */
export const runFor = (
  solver: PieceSolver,
  at: Surroundings | Environment,
  seconds: number,
  watch?: Observer,
  goal?: Goal,
): number => {
  solver.disturb();
  return continueRun(solver, at, seconds, watch, goal);
};

/** Continues in the present surroundings, with the present step size. */
export const continueRun = (
  solver: PieceSolver,
  at: Surroundings | Environment,
  seconds: number,
  watch?: Observer,
  goal?: Goal,
): number => {
  const changing = isEnvironment(at) ? at : undefined;
  const around = isEnvironment(at) ? at.around : at;
  changing?.begin?.();
  const notBefore = goal?.notBefore ?? 0;
  let t = 0;
  let reached = goal ? goal.of(solver) : 0;
  let toGoal = Infinity;
  for (let steps = 0; steps < MOST_STEPS && t < seconds - 1e-9; steps += 1) {
    if (goal && t >= notBefore - 1e-9) {
      if (reached >= goal.value - goal.tolerance) break;
    } else if (goal) toGoal = notBefore - t;
    const longest = changing === undefined ? Infinity : changing.longest;
    const dt = solver.advance(around, Math.min(seconds - t, longest, toGoal));
    t += dt;
    changing?.follow(solver, dt);
    if (goal) {
      const slope = (goal.of(solver) - reached) / dt;
      reached = goal.of(solver);
      toGoal = slope > 0 ? Math.max((goal.value - reached) / slope, CLOSEST) : Infinity;
    }
    if (watch?.(t)) break;
  }
  return t;
};
