/** Everything a step reads and writes, made once per solver so that a step allocates nothing. */
export class StepArrays {
  /**
   * Times a cell's height, the resistance from where its heat lies to its rim, towards the nearer face
   * and away from it, m K/W: see `placeFronts`.
   */
  readonly outward: Float64Array;
  readonly inward: Float64Array;
  /** Times a cell's width, the resistance from its middle to either side, m K/W. */
  readonly resistivity: Float64Array;
  /** Heat capacity of each cell, J/K in the section's measure. */
  readonly capacity: Float64Array;
  /** From a cell to the next in its column, W/K; 0 at the column's end. */
  readonly upward: Float64Array;
  /** From a cell to the next in its row, W/K; 0 in the last column. */
  readonly sideways: Float64Array;
  /** Net power into each cell at the step's start, W. */
  readonly power: Float64Array;
  /** Latent heat leaving a cell per K of its change, W/K: by the faces, and by the edges. */
  readonly sink: Float64Array;
  readonly edgeSink: Float64Array;
  /** Change over the step after the columns' sweep, and after the rows' as well, K. */
  readonly swept: Float64Array;
  readonly change: Float64Array;
  /** (C/dt) times the columns' change: what the rows start from, W. */
  readonly lateral: Float64Array;
  /** Power a cell held at the boil spends on evaporating, W. */
  readonly boil: Float64Array;
  /** `FREE`, `HELD` at the boil or `DRAINED`: see `Sweep`. */
  readonly held: Uint8Array;
  /** Tridiagonal work space. */
  readonly pivot: Float64Array;
  readonly right: Float64Array;

  /** @param volume of each cell, m3 in the section's measure */
  constructor(
    count: number,
    readonly volume: Float64Array,
  ) {
    this.outward = new Float64Array(count);
    this.inward = new Float64Array(count);
    this.resistivity = new Float64Array(count);
    this.capacity = new Float64Array(count);
    this.upward = new Float64Array(count);
    this.sideways = new Float64Array(count);
    this.power = new Float64Array(count);
    this.sink = new Float64Array(count);
    this.edgeSink = new Float64Array(count);
    this.swept = new Float64Array(count);
    this.change = new Float64Array(count);
    this.lateral = new Float64Array(count);
    this.boil = new Float64Array(count);
    this.held = new Uint8Array(count);
    this.pivot = new Float64Array(count);
    this.right = new Float64Array(count);
  }
}
