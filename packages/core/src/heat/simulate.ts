import { browningIndex, greyBand } from './judge';
import { runStage } from './runStage';
import { solverFor, type Finely } from './solverFor';
import type { Cook, Stage } from './stage';

/** What a stage left behind. Temperatures C, seconds from the stage's start. */
export interface StageResult {
  readonly kind: Stage['kind'];
  readonly seconds: number;
  /** Mid-line centre at the stage's end. */
  readonly core: number;
  /** Lower face's outermost cell at the stage's end. */
  readonly surface: number;
  readonly corePeak: number;
  readonly corePeakAt: number;
  /** Browning index of the lower and upper face as the piece lies then. */
  readonly browning: readonly [number, number];
  /** Crust of the lower and upper face, m. */
  readonly crust: readonly [number, number];
}

export interface CookResult {
  readonly stages: readonly StageResult[];
  /** Total depth on the mid-line that passed 65 C, m. */
  readonly greyBand: number;
  /** Evaporated share of the first mass. */
  readonly evaporated: number;
  /** Relative energy error. */
  readonly energyError: number;
}

export interface SimulateOptions extends Finely {
  /** Looked at after every step; the cook ends where it stands once this answers true. */
  readonly cancelled?: () => boolean;
}

/**
 * Runs a cook through its stages: in one dimension for a wide slab, on the section otherwise.
 * The cook must already be in range (`formats` parses files into it).
 */
export const simulate = (cook: Cook, options: SimulateOptions = {}): CookResult => {
  const { cancelled } = options;
  const solver = solverFor(cook.piece, options);
  const stages: StageResult[] = [];
  let stopped = false;

  for (const stage of cook.stages) {
    if (stopped) break;
    let corePeak = solver.core;
    let corePeakAt = 0;
    const { seconds } = runStage(solver, stage, (t) => {
      if (solver.core > corePeak) {
        corePeak = solver.core;
        corePeakAt = t;
      }
      stopped = cancelled?.() ?? false;
      return stopped;
    });
    const { lowerSide, upperSide } = solver;
    stages.push({
      kind: stage.kind,
      seconds,
      core: solver.core,
      surface: solver.surface,
      corePeak,
      corePeakAt,
      browning: [
        browningIndex(solver.browned(lowerSide)),
        browningIndex(solver.browned(upperSide)),
      ],
      crust: [solver.crust(lowerSide), solver.crust(upperSide)],
    });
  }

  return {
    stages,
    greyBand: greyBand(solver),
    evaporated: solver.evaporatedShare,
    energyError: solver.energyError(),
  };
};
