import type { HeatModel } from '../matter/heatModel';
import type { Matter } from '../matter/matter';
import type { Section } from '../matter/section';

/** A face of the piece: 0 went down first, 1 is the other. */
export type Side = 0 | 1;

/** Arrays and measures of a piece that its crust and its coldest meat are computed from. */
export interface PieceFields {
  readonly section: Section;
  readonly matter: Matter;
  readonly model: HeatModel;
  readonly rows: number;
  readonly columns: number;
  /** Of each cell, C. */
  readonly temperature: Float64Array;
  /** Water, kg/m3, and the inverse of the water that each cell holds when it is full. */
  readonly water: Float64Array;
  readonly perFull: Float64Array;
  /** Present heights of the cells, m. */
  readonly heights: Float64Array;
}
