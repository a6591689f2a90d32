import { drippedShare, dripShare } from '../judging/drip';
import { browningIndex, greyBand } from '../judging/judge';
import type { PieceSolver } from '../solver/pieceSolver';
import { runStage, stageKitchen } from './runStage';
import { solverFor, type Finely } from './solverFor';
import type { Cook, Stage } from './stage';
import { readingOf, USUAL_THERMOMETER } from '../judging/thermometer';

/** Result of a stage. Temperatures C, seconds from the stage's start. */
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
  /** Coldest meat, its side face left out, and the coldest of the side face, at the stage's end. */
  readonly coldest: number;
  readonly rim: number;
  /** Floor of the pan under the piece, in a pan stage. */
  readonly pan?: number | undefined;
  /** Reading of the thermometer. */
  readonly reading: number;
}

export interface CookResult {
  readonly stages: readonly StageResult[];
  /** Total depth on the mid-line that passed 65 C, m. */
  readonly greyBand: number;
  /** Shares of the first mass: what has evaporated, what drips at most, and what has dripped. */
  readonly evaporated: number;
  readonly drip: number;
  readonly dripped: number;
  /** Relative energy error. */
  readonly energyError: number;
}

export interface SimulateOptions extends Finely {
  /** Looked at after every step; the cook ends where it stands once this answers true. */
  readonly cancelled?: () => boolean;
  /** Sees the piece after every step, and how long that was, s. */
  readonly watch?: (solver: PieceSolver, dt: number) => void;
}

/**
 * Runs a cook through its stages: in one dimension for a wide slab, on the section otherwise.
 * The cook must already be in range (`formats` parses files into it).
 */
export const simulate = (cook: Cook, options: SimulateOptions = {}): CookResult => {
  const { cancelled, watch } = options;
  const { thermometer = USUAL_THERMOMETER } = cook;
  const solver = solverFor(cook.piece, { model: cook.model, ...options });
  const kitchen = stageKitchen(solver, cook.stages, cook.body);
  const stages: StageResult[] = [];
  let stopped = false;

  for (const stage of cook.stages) {
    if (stopped) break;
    let corePeak = solver.core;
    let corePeakAt = 0;
    let last = 0;
    // As the piece lay: a turn at the end puts it on other iron.
    let floor = kitchen.pan?.under;
    const see = (t: number): boolean => {
      floor = kitchen.pan?.under;
      watch?.(solver, t - last);
      last = t;
      if (solver.core > corePeak) {
        corePeak = solver.core;
        corePeakAt = t;
      }
      stopped = cancelled?.() ?? false;
      return stopped;
    };
    const { seconds } = runStage(solver, stage, see, kitchen);
    const onPan = stage.kind === 'sear' || stage.kind === 'turns';
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
      coldest: solver.coldest,
      rim: solver.rim,
      ...(onPan ? { pan: floor ?? stage.pan } : {}),
      reading: readingOf(solver, thermometer),
    });
  }

  return {
    stages,
    greyBand: greyBand(solver),
    evaporated: solver.evaporatedShare,
    drip: dripShare(solver),
    dripped: drippedShare(solver),
    energyError: solver.energyError(),
  };
};
