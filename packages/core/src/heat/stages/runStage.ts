import { ESTIMATES } from '../matter/estimates';
import { PRESS, type Press } from '../places/face';
import { coreGoal } from '../judging/goal';
import { HEAT_MODELS, type HeatModel } from '../matter/heatModel';
import { OvenDoors } from './ovenDoors';
import { PieceOnIron } from './pieceOnIron';
import type { PieceSolver } from '../solver/pieceSolver';
import { restingOn } from './restSurface';
import { runFor, type Environment, type Observer } from './runFor';
import { faceArea } from '../matter/section';
import type { HoldStage, OvenStage, PanUsed, RestStage, Stage } from './stage';
import {
  inAPanInTheOven,
  onARack,
  onTheCounter,
  onThePan,
  resting,
  STILL_OVEN,
  type Surroundings,
} from '../places/surroundings';
import { TwoZonePan } from '../places/twoZonePan';

/** Result of a stage. */
export interface StageRun {
  readonly seconds: number;
  /** For a stage with a goal: whether the core got there. Otherwise true. */
  readonly reached: boolean;
}

/** The kitchen that a cook's stages are run in: its model, and its pan with what it has been through. */
export interface StageKitchen {
  readonly model: HeatModel;
  readonly pan?: TwoZonePan | undefined;
  /** Factor of the solved section's power for the whole piece. */
  readonly times: number;
}

const BASELINE_KITCHEN: StageKitchen = { model: HEAT_MODELS.baseline, times: 0 };

/** The kitchen of a cook, its pan as hot as its first pan stage says. */
export const stageKitchen = (
  solver: PieceSolver,
  stages: readonly Stage[],
  body?: PanUsed,
): StageKitchen => {
  const { model } = solver;
  const first = stages.find((stage) => stage.kind === 'sear' || stage.kind === 'turns');
  if (body === undefined || first === undefined) return { model, times: 0 };
  const area = body.pieces * body.area;
  return {
    model,
    pan: new TwoZonePan(body, area, first.pan, body.knob),
    times: area / faceArea(solver.section),
  };
};

const onIron = (
  { pan: celsius, press: said }: { readonly pan: number; readonly press?: Press | undefined },
  { model, pan, times }: StageKitchen,
): Surroundings | Environment => {
  const press = said ?? (model.bulges ? 'loose' : 'pressed');
  const around = onThePan(celsius, { contact: PRESS[press], press, model });
  if (pan === undefined) return around;
  pan.setFor(celsius);
  return new PieceOnIron(around, pan, times, model.sideSeesIron);
};

const inOven = (stage: OvenStage, { juice }: HeatModel): Surroundings | Environment => {
  const { air, h, pan, doors } = stage;
  const oven = juice ? { vapour: ESTIMATES.ovenVapour.value, ...stage } : stage;
  const around = pan === undefined ? onARack(air, h, oven) : inAPanInTheOven(air, h, pan, oven);
  return doors === undefined || doors.length === 0 ? around : new OvenDoors(around, air, doors);
};

const atRest = (
  { cover, on }: RestStage,
  { section, model }: PieceSolver,
): Surroundings | Environment => {
  const surface = on ?? (model.restSurface ? 'board' : undefined);
  return restingOn(resting(cover), surface, cover, faceArea(section));
};

/** A warm oven's air, C, unless said. */
const WARM = 60;

const held = ({ in: place, air = WARM }: HoldStage): Surroundings =>
  place === 'tent' ? resting('loose') : onARack(air, STILL_OVEN);

/** Surroundings of the piece in a stage. */
export const surroundingsOf = (
  solver: PieceSolver,
  stage: Stage,
  kitchen: StageKitchen = BASELINE_KITCHEN,
): Surroundings | Environment => {
  switch (stage.kind) {
    case 'sear':
    case 'turns':
      return onIron(stage, kitchen);
    case 'oven':
      return inOven(stage, solver.model);
    case 'rest':
      return atRest(stage, solver);
    case 'counter':
      return onTheCounter(stage.air);
    case 'hold':
      return held(stage);
  }
};

/** Runs one stage of a cook. */
export const runStage = (
  solver: PieceSolver,
  stage: Stage,
  watch?: Observer,
  kitchen?: StageKitchen,
): StageRun => {
  const around = surroundingsOf(solver, stage, kitchen);
  switch (stage.kind) {
    case 'sear': {
      const seconds = runFor(solver, around, stage.seconds, watch);
      if (stage.thenFlip) turnOver(solver, kitchen);
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
        turnOver(solver, kitchen);
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
    case 'hold':
      return { seconds: runFor(solver, around, stage.seconds, watch), reached: true };
  }
};

const turnOver = (solver: PieceSolver, kitchen: StageKitchen | undefined): void => {
  solver.flip();
  kitchen?.pan?.turn();
};
