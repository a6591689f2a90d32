import { freezingPoint, TISSUES } from '../../food';
import { DANGER_ZONE_C } from '../matter/constants';
import { IcedPiece, type IceSurroundings } from './icedPiece';
import { SLAB } from '../matter/section';
import type { IceStage, Piece } from '../stages/stage';
import { FROZEN_THROUGH, ICE_AROUND, phaseTableOf } from './thaw';

/** Result of a stage in the freezer, the fridge or water. Temperatures C. */
export interface IceStageResult {
  readonly kind: IceStage['kind'];
  readonly seconds: number;
  readonly core: number;
  /** Highest and lowest temperature. */
  readonly warmest: number;
  readonly coldest: number;
  /** Part of the stage with the warmest cell over 5 C, s. */
  readonly warm: number;
  /** No ice is left in the middle. */
  readonly thawed: boolean;
}

/** A piece after its stages before the heat. */
export interface PreparedPiece {
  readonly stages: readonly IceStageResult[];
  /** Its mean, C: what it is when it has evened out. */
  readonly mean: number;
  readonly thawed: boolean;
}

/** Surroundings of the piece in a stage. */
const aroundIn = ({ kind, at, bag = false, running = false }: IceStage): IceSurroundings => {
  const typical: Readonly<Record<IceStage['kind'], IceSurroundings>> = {
    freezer: ICE_AROUND.freezer,
    fridge: bag ? ICE_AROUND['fridge-bag'] : ICE_AROUND['fridge-shelf'],
    water: running ? ICE_AROUND['running-water'] : ICE_AROUND['still-water'],
  };
  return at === undefined ? typical[kind] : { ...typical[kind], celsius: at };
};

/** Freezes and thaws a piece through its stages before the heat. */
export const runIceStages = (piece: Piece, stages: readonly IceStage[]): PreparedPiece => {
  const { tissue, thickness, shape = SLAB, start } = piece;
  const iced = new IcedPiece(phaseTableOf(tissue), thickness, shape, start);
  const point = freezingPoint(TISSUES[tissue]);
  const isThawed = (): boolean => iced.core >= point;
  const results = stages.map((stage): IceStageResult => {
    const { kind, until, seconds = 0, maxSeconds = 0 } = stage;
    let warm = 0;
    let last = 0;
    const ran = iced.run(aroundIn(stage), until === undefined ? seconds : maxSeconds, (at) => {
      if (iced.warmest > DANGER_ZONE_C[0]) warm += at - last;
      last = at;
      if (until === 'thawed') return isThawed();
      return until === 'frozen' && iced.core <= FROZEN_THROUGH;
    });
    const { core, warmest, coldest } = iced;
    return { kind, seconds: ran, core, warmest, coldest, warm, thawed: isThawed() };
  });
  return { stages: results, mean: iced.mean, thawed: isThawed() };
};
