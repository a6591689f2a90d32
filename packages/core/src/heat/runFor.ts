import type { PieceSolver } from './pieceSolver';
import type { Surroundings } from './surroundings';

/** Sees the solver after each step; returns true to stop. `seconds` counts from the run's start. */
export type Observer = (seconds: number) => boolean;

/** Surroundings that change while the piece is in them: a pan that cools, an oven that cycles. */
export interface Environment {
  readonly around: Surroundings;
  /** The environment may change so fast that no step should be longer, s. */
  readonly longest: number;
  /** Follows the piece over the step just made. */
  readonly follow: (solver: PieceSolver, dt: number) => void;
}

/** Steps one run may take before it counts as stuck; a day's oven needs some ten thousand. */
const MOST_STEPS = 200_000;
/** How near a core must come to its goal, K. */
const GOAL_TOLERANCE = 1e-3;

const isEnvironment = (at: Surroundings | Environment): at is Environment => 'follow' in at;

/**
 * Runs the solver in fixed or changing surroundings for at most `seconds`, or until the core rises
 * to `goal` (C): then the last steps are cut to meet it.
 * @returns the seconds run: fewer when `watch` stopped it or the goal was met
 */
export const runFor = (
  solver: PieceSolver,
  at: Surroundings | Environment,
  seconds: number,
  watch?: Observer,
  goal = Infinity,
): number => {
  solver.disturb();
  const changing = isEnvironment(at) ? at : undefined;
  const around = isEnvironment(at) ? at.around : at;
  const longest = changing?.longest ?? Infinity;
  let t = 0;
  let core = goal < Infinity ? solver.core : -Infinity;
  let toGoal = Infinity;
  for (let steps = 0; steps < MOST_STEPS && t < seconds - 1e-9; steps += 1) {
    if (core >= goal - GOAL_TOLERANCE) break;
    const dt = solver.advance(around, Math.min(seconds - t, longest, toGoal));
    t += dt;
    changing?.follow(solver, dt);
    if (goal < Infinity) {
      const slope = (solver.core - core) / dt;
      core = solver.core;
      toGoal = slope > 0 ? Math.max((goal - core) / slope, 1e-3) : Infinity;
    }
    if (watch?.(t)) break;
  }
  return t;
};
