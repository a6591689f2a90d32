import type { Midline } from './midline';
import type { PieceState } from './pieceState';

/** Hoisted: a global is looked up at every use. */
const { min } = Math;

/**
 * The core is looked for in this part of the meat's thickness about its middle: nearer a face the meat
 * is no longer a core but a face that cools in the rest.
 */
const MIDDLE_PART = 1 / 3;

/** A depth between rows: the middle one of the three about it, and what each is worth. */
interface Between {
  readonly row: number;
  readonly weights: readonly [number, number, number];
}

/** Lagrange's weights of the three rows nearest to a depth, so that it moves smoothly with the grid. */
const between = (heights: Float64Array, depth: number): Between => {
  const centres: number[] = [];
  let sum = 0;
  for (const height of heights) {
    centres.push(sum + height / 2);
    sum += height;
  }
  let row = 1;
  while (row < centres.length - 2 && centres[row] + heights[row] / 2 < depth) row += 1;
  const [a, b, c] = [centres[row - 1], centres[row], centres[row + 1]];
  return {
    row,
    weights: [
      ((depth - b) * (depth - c)) / ((a - b) * (a - c)),
      ((depth - a) * (depth - c)) / ((b - a) * (b - c)),
      ((depth - a) * (depth - b)) / ((c - a) * (c - b)),
    ],
  };
};

/**
 * Columns that a free side face does not reach: further from it than half the thickness, but at least
 * the inner half. Along a bone the meat counts up to it.
 */
const innerColumns = (
  { section, matter, rows, columns }: PieceState,
  thickness: number,
): readonly [number, number] => {
  if (columns === 1) return [0, 1];
  const { widths, openLeft } = section;
  const across = widths.reduce((sum, width) => sum + width, 0);
  const reach = Math.min(thickness / 2, across / (openLeft ? 4 : 2));
  const within = (from: number, step: 1 | -1): number => {
    let depth = 0;
    let j = from;
    while (depth + widths[j] / 2 < reach) {
      depth += widths[j];
      j += step;
    }
    return j;
  };
  const bone = matter.meat[(columns - 1) * rows + (rows >> 1)] === 0;
  return [openLeft ? within(0, 1) : 0, bone ? columns : within(columns - 1, -1) + 1];
};

/**
 * Where a piece's meat is coldest, about the middle of its thickness: on the mid-line, anywhere but the
 * rim, and at the rim.
 */
export class ColdestMeat {
  /** Rows of the mid-line's meat about its middle, first and last. */
  private readonly from: number;
  private readonly to: number;
  /** The bounds of that middle, between the centres of rows. */
  private readonly bounds: readonly [Between, Between];
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
    this.bounds = [between(heights, centre - reach), between(heights, centre + reach)];
    this.columns = columns;
    this.weights = columnWeights;
    this.inner = innerColumns(piece, last - first);
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
    const inside = coldest > from && coldest < to ? this.vertex(coldest, least) : least;
    return min(inside, this.atBound(this.bounds[0]), this.atBound(this.bounds[1]));
  }

  /** Temperature at a bound: the parabola through the three rows about it. */
  private atBound({ row, weights }: Between): number {
    return (
      weights[0] * this.at(row - 1) + weights[1] * this.at(row) + weights[2] * this.at(row + 1)
    );
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
    for (let j = from; j < to; j += 1) {
      for (let c = j * rows + this.from; c <= j * rows + this.to; c += 1) {
        if (temperature[c] < least && matter.meat[c] === 1) least = temperature[c];
      }
    }
    return least;
  }
}
