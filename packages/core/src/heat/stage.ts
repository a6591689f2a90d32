import type { TissueName } from '../food';
import type { Bone, Layer } from './matter';
import type { Shape } from './section';
import type { RestCover } from './restCover';

/** On the pan for `seconds` at a pan temperature, then turned over or not. */
export interface SearStage {
  readonly kind: 'sear';
  readonly pan: number;
  readonly seconds: number;
  readonly thenFlip: boolean;
}

/** `count` turns of `every` seconds each; each ends with a flip. */
export interface TurnsStage {
  readonly kind: 'turns';
  readonly pan: number;
  readonly every: number;
  readonly count: number;
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
}

/** Resting after the cook. */
export interface RestStage {
  readonly kind: 'rest';
  readonly cover: RestCover;
  readonly seconds: number;
}

/** Standing in the kitchen before the cook. */
export interface CounterStage {
  readonly kind: 'counter';
  readonly air: number;
  readonly seconds: number;
}

export type Stage = SearStage | TurnsStage | OvenStage | RestStage | CounterStage;

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
  /** Water lying on each face, kg/m2, or dried out of it where below zero; absent means none. */
  readonly film?: number | undefined;
}

/** A piece and what is done with it, in order. Lengths m, times s, temperatures C. */
export interface Cook {
  readonly piece: Piece;
  readonly stages: readonly Stage[];
}
