import type { PieceState } from './pieceState';
import { faceArea } from '../matter/section';
import type { StepArrays } from './stepArrays';
import { HELD } from './sweep';
import type { StepControl } from './stepControl';

/** Local alias for hot loops. */
const { abs, max, sqrt } = Math;

/**
 * Error of a step over its allowance: half the change of slope over the step, which is backward
 * Euler's local error and a bound on this solver's. Cells at one depth are taken together, root mean
 * square over the columns: each column dries at its own moment, and a single one must not hold the
 * whole section back.
 */
export class StepError {
  /** Squared error of each row, area-weighted: work space. */
  private readonly rowError: Float64Array;
  private readonly faceArea: number;

  constructor(
    private readonly piece: PieceState,
    private readonly control: StepControl,
  ) {
    this.rowError = new Float64Array(piece.rows);
    this.faceArea = faceArea(piece.section);
  }

  /**
   * @param change over the step, K
   * @param rate of the step before, K/s
   * @returns 1 where it is just right
   */
  of(arrays: StepArrays, change: Float64Array, rate: Float64Array, dt: number): number {
    const { volume, rows, columns, whole, section } = this.piece;
    const { rowError } = this;
    const { held } = arrays;
    const { area } = section;
    rowError.fill(0);
    let sum = 0;
    for (let j = 0, c = 0; j < columns; j += 1) {
      const weight = area[j];
      for (let i = 0; i < rows; i += 1, c += 1) {
        if (held[c] === HELD) continue;
        const e = abs(change[c] - rate[c] * dt);
        sum += e * volume[c];
        rowError[i] += e * e * weight;
      }
    }
    let worst = 0;
    for (let i = 0; i < rows; i += 1) worst = max(worst, rowError[i]);
    const { meanError, cellError } = this.control;
    return max((0.5 * sum) / whole / meanError, (0.5 * sqrt(worst / this.faceArea)) / cellError);
  }
}
