import {
  resting,
  runStage,
  solverFor,
  type Cook,
  type Finely,
  type PieceSnapshot,
  type PieceSolver,
  type Stage,
} from '../heat';
import { firstUnknownStage, pullStage, stagesWith, type CookUnknown } from './cookUnknown';
import type { CookEnd } from './cookEnd';
import { restToPeak } from './restToPeak';

/** What differs from a plan's figures: for ranges, and for kitchens that are not as told. */
export interface CookDisturbance {
  /** Scales the contact coefficient. */
  readonly contact?: number;
  /** Added to every pan, K. */
  readonly pan?: number;
  /** Added to every oven, K. */
  readonly oven?: number;
}

const disturbed = (stage: Stage, { pan = 0, oven = 0 }: CookDisturbance): Stage => {
  switch (stage.kind) {
    case 'sear':
    case 'turns':
      return { ...stage, pan: stage.pan + pan };
    case 'oven':
      return {
        ...stage,
        air: stage.air + oven,
        pan: stage.pan === undefined ? undefined : stage.pan + oven,
      };
    default:
      return stage;
  }
};

/**
 * A cook with one unknown, run as often as a search needs: what comes before the unknown is cooked
 * once and kept.
 */
export class StagedCook {
  readonly solver: PieceSolver;
  private readonly before: PieceSnapshot;
  /** Core before the unknown stage, and the highest it had been until then, C. */
  readonly coreBefore: number;

  constructor(
    readonly cook: Cook,
    readonly unknown: CookUnknown,
    finely: Finely = {},
    private readonly disturbance: CookDisturbance = {},
  ) {
    this.solver = solverFor(cook.piece, finely);
    for (const stage of cook.stages.slice(0, firstUnknownStage(unknown))) this.run(stage);
    this.before = this.solver.snapshot();
    this.solver.save(this.before);
    this.coreBefore = this.solver.core;
  }

  private run(stage: Stage, watch?: (t: number) => boolean): number {
    const { solver, disturbance } = this;
    return runStage(solver, disturbed(stage, disturbance), watch, disturbance.contact).seconds;
  }

  /** Cooks on from before the unknown stage with it set to `value`, until the core is past its peak. */
  endAfter(value: number): CookEnd {
    const { solver, cook, unknown } = this;
    solver.restore(this.before);
    const stages = stagesWith(cook, unknown, value);
    // Turns may have been set as a stage and what is left over: whatever follows stands behind them.
    const after = cook.stages.length - 1 - pullStage(unknown);
    const pullIndex = stages.length - after;
    stages.slice(0, pullIndex).forEach((stage) => this.run(stage));
    const pullCore = solver.core;
    let peak = pullCore;
    let peakAfter = 0;
    let offset = 0;
    const see = (t: number): boolean => {
      const { core } = solver;
      if (core > peak) {
        peak = core;
        peakAfter = offset + t;
      }
      return false;
    };
    const rest = stages.slice(pullIndex);
    for (const stage of rest) offset += this.run(stage, see);
    const last = rest.at(-1);
    const cover = last?.kind === 'rest' ? last.cover : 'open';
    const tail = restToPeak(solver, resting(cover));
    if (tail.celsius > peak) {
      peak = tail.celsius;
      peakAfter = offset + tail.after;
    }
    return { pullCore, peak, peakAfter };
  }
}
