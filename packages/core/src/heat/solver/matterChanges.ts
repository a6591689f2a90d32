import { Juice } from './juice';
import type { PieceState } from './pieceState';
import { Rendering } from './rendering';
import { shrink } from './shrinkage';
import type { StepArrays } from './stepArrays';

/**
 * Update interval of the tissue, s. Meat changes over minutes. At intervals over 3 s a boiling cell could run dry
 * before its juice arrived, and ends varied by a tenth of a degree.
 */
const PERIOD = 1;

/** Changes of the meat in a step, by the options of the model, after the heat has moved. */
export class MatterChanges {
  private readonly juice: Juice | undefined;
  private readonly rendering: Rendering | undefined;
  private readonly shrinks: boolean;

  constructor(
    private readonly piece: PieceState,
    { capacity }: StepArrays,
  ) {
    const { model } = piece;
    this.juice = model.juice ? new Juice(piece, capacity) : undefined;
    const rendering = model.layersRender ? new Rendering(piece) : undefined;
    this.rendering = rendering?.renders ? rendering : undefined;
    this.shrinks = model.shrinks;
  }

  /** The piece was put back: its measures follow what it has been through. */
  restored(): void {
    if (this.shrinks) shrink(this.piece);
  }

  follow(dt: number): void {
    const { piece } = this;
    piece.unchangedFor += dt;
    if (piece.unchangedFor < PERIOD) return;
    this.juice?.follow(piece.unchangedFor);
    this.rendering?.follow(piece.unchangedFor);
    piece.unchangedFor = 0;
    if (this.shrinks) shrink(this.piece);
  }
}
