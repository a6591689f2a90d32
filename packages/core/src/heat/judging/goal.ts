import { browningIndex } from './judge';
import type { PieceSolver } from '../solver/pieceSolver';

/** Stop condition: the run ends when a rising quantity of the piece reaches a value. */
export interface Goal {
  readonly value: number;
  readonly of: (solver: PieceSolver) => number;
  /** Distance within which the goal is met, in the unit of the quantity. */
  readonly tolerance: number;
  /** A goal met sooner ends the run only now, s from its start; absent ends it at once. */
  readonly notBefore?: number;
}

/** The core at a temperature, C. */
export const coreGoal = (celsius: number): Goal => ({
  value: celsius,
  of: ({ core }) => core,
  tolerance: 1e-3,
});

/** A face, as the piece lies, at a browning index. */
export const browningGoal = (
  index: number,
  notBefore: number,
  face: 'lower' | 'upper' = 'lower',
): Goal => ({
  value: index,
  of: (solver) =>
    browningIndex(solver.browned(face === 'lower' ? solver.lowerSide : solver.upperSide)),
  tolerance: 1e-3,
  notBefore,
});
