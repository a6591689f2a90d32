import type { Midline } from './midline';
import type { PieceState } from './pieceState';

/**
 * The core is looked for in this part of the meat's thickness about its middle: nearer a face the meat
 * is no longer a core but a face that cools in the rest.
 */
const MIDDLE_PART = 0.5;

/** Where a piece's meat is coldest: about its middle, anywhere but the rim, and at the rim. */
export class ColdestMeat {
  /** Rows of the mid-line's meat about its middle, first and last. */
  private readonly from: number;
  private readonly to: number;
  /** Columns the mid-line is read from, and their weights. */
  private readonly columns: readonly number[];
  private readonly weights: readonly number[];
  private readonly inner: readonly [number, number];

  constructor(
    private readonly piece: PieceState,
    { columns, columnWeights }: Midline,
  ) {
    const { rows, section, matter } = piece;
    const { middle, heights } = section;
    const meat: { readonly row: number; readonly centre: number }[] = [];
    let depth = 0;
    let first = Infinity;
    let last = 0;
    for (let i = 0; i < rows; i += 1) {
      if (matter.meat[middle * rows + i] === 1) {
        meat.push({ row: i, centre: depth + heights[i] / 2 });
        first = Math.min(first, depth);
        last = depth + heights[i];
      }
      depth += heights[i];
    }
    const centre = (first + last) / 2;
    const reach = (MIDDLE_PART / 2) * (last - first);
    const about = meat.filter((one) => Math.abs(one.centre - centre) <= reach);
    this.from = about.at(0)?.row ?? rows >> 1;
    this.to = about.at(-1)?.row ?? rows >> 1;
    this.columns = columns;
    this.weights = columnWeights;
    const count = piece.columns;
    // A long piece solved whole has a rim on either side.
    this.inner = count === 1 ? [0, 1] : [section.openLeft ? 1 : 0, count - 1];
  }

  /** Temperature of a row on the mid-line, C. */
  at(row: number): number {
    const { temperature, rows } = this.piece;
    let sum = 0;
    for (let k = 0; k < this.columns.length; k += 1) {
      sum += this.weights[k] * temperature[this.columns[k] * rows + row];
    }
    return sum;
  }

  /** The coldest of the middle of the meat, by the parabola through the coldest row and its neighbours. */
  get core(): number {
    const { from, to } = this;
    let coldest = from;
    let least = Infinity;
    for (let i = from; i <= to; i += 1) {
      const t = this.at(i);
      if (t < least) {
        least = t;
        coldest = i;
      }
    }
    return coldest === from || coldest === to ? least : this.vertex(coldest, least);
  }

  private vertex(row: number, least: number): number {
    const { heights } = this.piece;
    const below = -(heights[row - 1] + heights[row]) / 2;
    const above = (heights[row + 1] + heights[row]) / 2;
    const down = (this.at(row - 1) - least) / below;
    const up = (this.at(row + 1) - least) / above;
    const bend = (up - down) / (above - below);
    if (bend <= 0) return least;
    const slope = down - bend * below;
    return least - (slope * slope) / (4 * bend);
  }

  /** C */
  get coldest(): number {
    return this.coldestOf(this.inner[0], this.inner[1]);
  }

  /** C */
  get rim(): number {
    const { columns, section } = this.piece;
    const right = this.coldestOf(columns - 1, columns);
    // Bone lies along the right edge of a piece solved whole: its rim is the left one.
    return section.openLeft ? Math.min(right, this.coldestOf(0, 1)) : right;
  }

  private coldestOf(from: number, to: number): number {
    const { temperature, matter, rows } = this.piece;
    let least = Infinity;
    for (let c = from * rows; c < to * rows; c += 1) {
      if (temperature[c] < least && matter.meat[c] === 1) least = temperature[c];
    }
    return least;
  }
}
