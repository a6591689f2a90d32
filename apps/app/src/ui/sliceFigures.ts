import type { Species } from '@crustan/core/food';
import type { SliceCells } from '@crustan/core/plan';

/** A cut through the middle, to be drawn. Lengths m, temperatures C. */
export interface SliceFigures {
  readonly species: Species;
  readonly cells: SliceCells;
  /** Highest temperature of each cell, column by column. */
  readonly peak: ArrayLike<number>;
  /** Browning index of the first face down and the other. */
  readonly browning: readonly [number, number];
  /** Crust of the same faces. */
  readonly crust: readonly [number, number];
  /** Width of the cut. */
  readonly width: number;
  /** Skin and its fat on the first face, and a bone. */
  readonly skin?: number | undefined;
  /** Width of the bone, and its distance from the right edge. */
  readonly bone?: { readonly width: number; readonly beyond: number } | undefined;
  /** Ribs on the first face. */
  readonly ribs?: number | undefined;
}
