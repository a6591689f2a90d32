import {
  BROWNING_DEPTH,
  BROWNING_REFERENCE,
  BROWNING_TENFOLD,
  DRY_BROWNING,
} from '../matter/constants';
import type { PieceFields, Side } from './pieceFields';

/** Local alias for hot loops. */
const { exp, min } = Math;

const BASELINE_RATE = Math.LN10 / BROWNING_TENFOLD;
const DRY_RATE = Math.LN10 / DRY_BROWNING.tenfold;

/** Colour sets in smoothly between two temperatures, for heat without dryness browns nothing. */
const onset = (celsius: number): number => {
  const { onsetFrom, onsetTo } = DRY_BROWNING;
  if (celsius <= onsetFrom) return 0;
  if (celsius >= onsetTo) return 1;
  const x = (celsius - onsetFrom) / (onsetTo - onsetFrom);
  return x * x * (3 - 2 * x);
};

/**
 * Browning integral of both faces, a value per column, s at 150 C. The baseline's law needs only heat over the outer
 * quarter millimetre, the kitchen's heat and dryness together in the skin that dries first.
 */
export class Browning {
  readonly integrals: readonly [Float64Array, Float64Array];
  /** Outer temperature along each face before the step, C. */
  private readonly before: readonly [Float64Array, Float64Array];

  /** Depth that browns, m. */
  private readonly depth: number;

  constructor(private readonly piece: PieceFields) {
    const { columns, model } = piece;
    this.depth = model.dryBrowning ? DRY_BROWNING.depth : BROWNING_DEPTH;
    this.integrals = [new Float64Array(columns), new Float64Array(columns)];
    this.before = [new Float64Array(columns), new Float64Array(columns)];
  }

  /** Notes the outer temperatures before a step. */
  beforeStep(): void {
    for (let j = 0; j < this.piece.columns; j += 1) {
      this.before[0][j] = this.outerTemperature(j, 0);
      this.before[1][j] = this.outerTemperature(j, 1);
    }
  }

  /** Adds a step, at the mean of the temperatures before and after it. */
  add(dt: number): void {
    for (let j = 0; j < this.piece.columns; j += 1) {
      this.addTo(j, 0, dt);
      this.addTo(j, 1, dt);
    }
  }

  private addTo(column: number, side: Side, dt: number): void {
    const celsius = (this.before[side][column] + this.outerTemperature(column, side)) / 2;
    const rate = this.piece.model.dryBrowning
      ? this.dryRate(celsius, column, side)
      : exp((celsius - BROWNING_REFERENCE) * BASELINE_RATE);
    this.integrals[side][column] += dt * rate;
  }

  private dryRate(celsius: number, column: number, side: Side): number {
    const sets = onset(celsius);
    if (sets === 0) return 0;
    const { matter, rows } = this.piece;
    const outer = column * rows + (side === 0 ? 0 : rows - 1);
    const rate = DRY_BROWNING.rate * matter.browns[outer];
    return (
      rate * sets * this.outerDryness(column, side) * exp((celsius - BROWNING_REFERENCE) * DRY_RATE)
    );
  }

  /** Mean temperature of the outer layer of a column's end that browns, C. */
  outerTemperature(column: number, side: Side): number {
    return this.outerMean(column, side, false);
  }

  /** Share of that layer's water that is gone. */
  outerDryness(column: number, side: Side): number {
    return this.outerMean(column, side, true);
  }

  private outerMean(column: number, side: Side, dryness: boolean): number {
    const { heights, temperature, water, perFull, rows } = this.piece;
    const base = column * rows;
    let depth = 0;
    let sum = 0;
    for (let k = 0; k < rows && depth < this.depth; k += 1) {
      const i = side === 0 ? k : rows - 1 - k;
      const c = base + i;
      const part = min(heights[i], this.depth - depth);
      sum += part * (dryness ? 1 - min(1, water[c] * perFull[c]) : temperature[c]);
      depth += part;
    }
    return sum / depth;
  }
}
