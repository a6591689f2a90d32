import type { TissueName } from '../../food';
import type { Press } from '../places/face';
import type { HeatModel } from '../matter/heatModel';
import type { Bone, Layer } from '../matter/matter';
import type { RestSurface } from './restSurface';
import type { Thermometer } from '../judging/thermometer';
import type { Iron, BurnerControl } from '../places/twoZonePan';
import type { Shape } from '../matter/section';
import type { RestCover } from '../places/restCover';

/** On the pan for `seconds` at a pan temperature, then turned over or not. */
export interface SearStage {
  readonly kind: 'sear';
  readonly pan: number;
  readonly seconds: number;
  readonly thenFlip: boolean;
  /** Default: pressed in the baseline, lying by its own weight in a kitchen. */
  readonly press?: Press | undefined;
}

/** `count` turns of `every` seconds each; each ends with a flip. */
export interface TurnsStage {
  readonly kind: 'turns';
  readonly pan: number;
  readonly every: number;
  readonly count: number;
  readonly press?: Press | undefined;
}

/** In the oven for a time or until a core temperature; `pan` when it lies in a hot pan there. */
export interface OvenStage {
  readonly kind: 'oven';
  readonly air: number;
  readonly h: number;
  readonly pan?: number | undefined;
  readonly seconds?: number | undefined;
  readonly untilCore?: number | undefined;
  readonly maxSeconds?: number | undefined;
  /** Vapour pressure of its air, Pa. */
  readonly vapour?: number | undefined;
  /** A tray below the rack. */
  readonly tray?: boolean | undefined;
  /** Radiating temperature that the faces see, C; default: that of the air. */
  readonly walls?: number | undefined;
  /** Times at which its door is opened, for 20 s each, s from the stage's start. */
  readonly doors?: readonly number[] | undefined;
}

/** Resting after the cook. */
export interface RestStage {
  readonly kind: 'rest';
  readonly cover: RestCover;
  readonly seconds: number;
  /** Default: a board in a kitchen; the baseline rests in air. */
  readonly on?: RestSurface | undefined;
}

/** Standing in the kitchen before the cook. */
export interface CounterStage {
  readonly kind: 'counter';
  readonly air: number;
  readonly seconds: number;
}

/** Waiting between two heats: under a loose tent, or in an oven turned down. */
export interface HoldStage {
  readonly kind: 'hold';
  readonly in: 'tent' | 'warm-oven';
  readonly seconds: number;
  /** Air of the warm oven, C; default: 60. */
  readonly air?: number | undefined;
}

/** Freezing or thawing before the cook, in air or in water, for a time or until it is done. */
export interface IceStage {
  readonly kind: 'freezer' | 'fridge' | 'water';
  readonly seconds?: number | undefined;
  /** Condition of the end: no ice in the middle, or -12 C there; the duration is then the longest. */
  readonly until?: 'thawed' | 'frozen' | undefined;
  readonly maxSeconds?: number | undefined;
  /** Temperature of the air or the water, C; default: -18, 4 and 12. */
  readonly at?: number | undefined;
  /** In a bag; water needs one. */
  readonly bag?: boolean | undefined;
  /** Water that runs. */
  readonly running?: boolean | undefined;
}

export type Stage = SearStage | TurnsStage | OvenStage | RestStage | CounterStage | HoldStage;

/** The piece before the cook. */
export interface Piece {
  readonly tissue: TissueName;
  /** m */
  readonly thickness: number;
  /** C */
  readonly start: number;
  /** Plan shape; absent means a wide slab, in one dimension. */
  readonly shape?: Shape | undefined;
  /** On the face that goes down first, outermost first, within the thickness. */
  readonly layers?: readonly Layer[] | undefined;
  /** Along the right edge of a long piece solved whole. */
  readonly bone?: Bone | undefined;
  /** Water on each face, kg/m2; negative: water that dried out; default: 0. */
  readonly film?: number | undefined;
}

/** The pan that every pan stage of a cook is on, and how its burner is worked. */
export interface PanUsed extends Iron {
  readonly knob: BurnerControl;
  /** Pieces alike in it, and the area of one on the iron, m2. */
  readonly pieces: number;
  readonly area: number;
}

/** A piece and what is done with it, in order. Lengths m, times s, temperatures C. */
export interface Cook {
  readonly piece: Piece;
  readonly stages: readonly Stage[];
  /** Default: the baseline. */
  readonly model?: HeatModel | undefined;
  /** Default: the pan of every pan stage has the temperature of the stage. */
  readonly body?: PanUsed | undefined;
  /** Default: the nominal one. */
  readonly thermometer?: Thermometer | undefined;
}
