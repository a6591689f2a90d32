/** Fields that a piece and its snapshot have in common. */
export const SAVED_FIELDS = [
  'temperature',
  'water',
  'peak',
  'full',
  'boiled',
  'dried',
  'rendered',
] as const;

/** A place to keep a piece's state, made once by `PieceState.snapshot`. */
export interface PieceSnapshot {
  readonly temperature: Float64Array;
  readonly water: Float64Array;
  readonly peak: Float64Array;
  readonly browning: readonly [Float64Array, Float64Array];
  /** Capacity of each cell when full, kg/m3, and rendered share of each row. */
  readonly full: Float64Array;
  readonly boiled: Float64Array;
  readonly dried: Float64Array;
  readonly rendered: Float64Array;
  /** Rate of the last step, K/s, for the error estimate of the next one. */
  readonly rate: Float64Array;
  /** heatIn, heatOut, evaporated, flipped, dripped, renderedMass, sinceTurn, unchangedFor,
   * the next step, whether there is a rate. */
  readonly scalars: Float64Array;
}
