import { integrateTerms } from '../../food/properties';
import { ESTIMATES } from '../matter/estimates';
import { MELTING_HEAT, meltedShare } from '../matter/fatMelting';
import type { PieceState } from './pieceState';
import { renderedHeight } from '../matter/renderedHeight';

/** Local alias for hot loops. */
const { exp } = Math;

const TIME = ESTIMATES.renderingTime.value;

/** Temperature range in which rendering starts, C; it continues above. */
const SETS_IN = 57;
const GOES_ON = 63;

const going = (celsius: number): number => {
  if (celsius <= SETS_IN) return 0;
  if (celsius >= GOES_ON) return 1;
  const x = (celsius - SETS_IN) / (GOES_ON - SETS_IN);
  return x * x * (3 - 2 * x);
};

/**
 * Layers of skin and fat lose thickness above 60 C, row by row, and their fat goes into the pan with
 * the heat it holds. Their water stays.
 */
export class Rendering {
  private readonly rows: Int32Array;

  constructor(private readonly piece: PieceState) {
    const { matter, rows } = piece;
    this.rows = Int32Array.from(
      Array.from({ length: rows }, (_, i) => i).filter((i) => matter.renders[i] === 1),
    );
  }

  get renders(): boolean {
    return this.rows.length > 0;
  }

  /** Renders for a step. */
  follow(dt: number): void {
    const { piece } = this;
    const { heights, rendered, section, rows, columns } = piece;
    for (let k = 0; k < this.rows.length; k += 1) {
      const i = this.rows[k];
      let sum = 0;
      let area = 0;
      for (let j = 0; j < columns; j += 1) {
        sum += section.area[j] * piece.temperature[j * rows + i];
        area += section.area[j];
      }
      const rate = going(sum / area);
      if (rate === 0) continue;
      rendered[i] += (1 - rendered[i]) * (1 - exp((-rate * dt) / TIME));
      heights[i] = section.heights[i] * renderedHeight(rendered[i]);
      for (let j = 0; j < columns; j += 1) {
        this.shrink(j * rows + i, section.area[j] * section.span[i] * heights[i]);
      }
    }
  }

  /** Reduces a cell to a share of its volume: solids leave with their heat, its water stays. */
  private shrink(c: number, kept: number): void {
    const { piece } = this;
    const { volume, water, full, perFull, temperature, matter } = piece;
    const [s0, s1, s2] = matter.solids;
    const t = temperature[c];
    const left = kept / volume[c];
    const gone = volume[c] - kept;
    const each = integrateTerms(s0[c], s1[c], s2[c], t);
    const melted = matter.fat[c] * MELTING_HEAT * meltedShare(t);
    piece.heatOut += gone * (each + (piece.model.fatMelts ? melted : 0));
    piece.renderedMass += gone * (matter.density[c] - matter.water[c]);
    volume[c] = kept;
    water[c] /= left;
    full[c] /= left;
    perFull[c] *= left;
  }
}
