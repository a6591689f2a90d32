import { coreGoal } from './goal';
import type { PieceSolver } from './pieceSolver';
import { runFor, type Observer } from './runFor';
import type { OvenStage, Stage } from './stage';
import {
  inAPanInTheOven,
  onARack,
  onTheCounter,
  onThePan,
  resting,
  type Surroundings,
} from './surroundings';

/** What a stage took. */
export interface StageRun {
  readonly seconds: number;
  /** For a stage with a goal: whether the core got there. Otherwise true. */
  readonly reached: boolean;
}

const ovenSurroundings = ({ air, h, pan }: OvenStage): Surroundings =>
  pan === undefined ? onARack(air, h) : inAPanInTheOven(air, h, pan);

/** What is round the piece in a stage. `contact` scales the pan's. */
export const surroundingsOf = (stage: Stage, contact = 1): Surroundings => {
  switch (stage.kind) {
    case 'sear':
    case 'turns':
      return onThePan(stage.pan, contact);
    case 'oven':
      return ovenSurroundings(stage);
    case 'rest':
      return resting(stage.cover);
    case 'counter':
      return onTheCounter(stage.air);
  }
};

/** Runs one stage of a cook. */
export const runStage = (
  solver: PieceSolver,
  stage: Stage,
  watch?: Observer,
  contact = 1,
): StageRun => {
  const around = surroundingsOf(stage, contact);
  switch (stage.kind) {
    case 'sear': {
      const seconds = runFor(solver, around, stage.seconds, watch);
      if (stage.thenFlip) solver.flip();
      return { seconds, reached: true };
    }
    case 'turns': {
      let seconds = 0;
      for (let i = 0; i < stage.count; i += 1) {
        const from = seconds;
        const ran = runFor(solver, around, stage.every, watch && ((t) => watch(from + t)));
        seconds += ran;
        // Stopped by its watcher: what is left of the stage is not cooked.
        if (ran < stage.every - 1e-6) return { seconds, reached: false };
        solver.flip();
      }
      return { seconds, reached: true };
    }
    case 'oven': {
      const most = stage.untilCore === undefined ? (stage.seconds ?? 0) : (stage.maxSeconds ?? 0);
      const goal = stage.untilCore === undefined ? undefined : coreGoal(stage.untilCore);
      const seconds = runFor(solver, around, most, watch, goal);
      const reached = stage.untilCore === undefined || solver.core >= stage.untilCore - 0.01;
      return { seconds, reached };
    }
    case 'rest':
    case 'counter':
      return { seconds: runFor(solver, around, stage.seconds, watch), reached: true };
  }
};
