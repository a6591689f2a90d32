import type { HeatModel } from '../matter/heatModel';
import { matterOf } from '../matter/matter';
import { PieceSolver } from '../solver/pieceSolver';
import { SLAB, sectionOf, type Fineness } from '../matter/section';
import type { Piece } from './stage';
import type { StepControl } from '../solver/stepControl';

/** Resolution of a cook's simulation. */
export interface Finely extends Fineness {
  readonly control?: StepControl | undefined;
  /** Default: the baseline. */
  readonly model?: HeatModel | undefined;
}

/** A solver with the piece in its state before the first stage. */
export const solverFor = (piece: Piece, finely: Finely = {}): PieceSolver => {
  const layers = piece.layers ?? [];
  const section = sectionOf(
    piece.shape ?? SLAB,
    piece.thickness,
    layers.map(({ thickness }) => thickness),
    finely,
  );
  const { control, model } = finely;
  const matter = matterOf(section, piece.tissue, layers, piece.bone, model);
  return new PieceSolver(section, matter, piece.start, piece.film, control, model);
};
