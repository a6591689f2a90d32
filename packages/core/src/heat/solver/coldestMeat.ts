import { meatDepth } from '../matter/meatDepth';
import type { Midline } from '../matter/midline';
import type { PieceFields } from './pieceFields';

/**
 * The coldest meat is looked for in this part of its thickness about the middle: nearer a face it is a
 * face, which cools in the rest.
 */
const MIDDLE_PART = 1 / 3;

/**
 * Columns that a free side face does not reach: further from it than half the thickness, but at least
 * the inner half. Along a bone at the edge the meat counts up to it.
 */
const innerColumns = (
  { section, matter, rows, columns }: PieceFields,
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

/** Coldest meat of a piece near the middle of its thickness: on the mid-line, anywhere but the rim, and at the rim. */
export class ColdestMeat {
  /** Rows of the mid-line's meat about its middle, first and last. */
  private readonly from: number;
  private readonly to: number;
  /** Columns the mid-line is read from, and their weights. */
  private readonly columns: readonly number[];
  private readonly weights: readonly number[];
  private readonly inner: readonly [number, number];

  constructor(
    private readonly piece: PieceFields,
    { columns, columnWeights }: Midline,
  ) {
    const { rows, section } = piece;
    const { first, last } = meatDepth(section.heights, piece.matter, section.middle);
    const centre = (first + last) / 2;
    const reach = (MIDDLE_PART / 2) * (last - first);
    let depth = 0;
    const about: number[] = [];
    section.heights.forEach((height, i) => {
      if (Math.abs(depth + height / 2 - centre) <= reach) about.push(i);
      depth += height;
    });
    this.from = about.at(0) ?? rows >> 1;
    this.to = about.at(-1) ?? rows >> 1;
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

  /** Cells of the meat, its rim left out where it has one. */
  get innerCells(): readonly number[] {
    return this.meatOf(this.inner[0], this.inner[1]);
  }

  /** Cells of the meat at the side face. */
  get rimCells(): readonly number[] {
    const { columns, section } = this.piece;
    const right = this.meatOf(columns - 1, columns);
    return section.openLeft ? [...right, ...this.meatOf(0, 1)] : right;
  }

  private meatOf(from: number, to: number): readonly number[] {
    const { rows, matter } = this.piece;
    const cells = Array.from({ length: (to - from) * rows }, (_, i) => from * rows + i);
    return cells.filter((c) => matter.meat[c] === 1);
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
