import type { Matter } from './matter';
import type { Section } from './section';

/** A line of cells from a place of the surface inward, along which juice comes to its front. */
export interface Exit {
  readonly outer: number;
  /** Step in cell index inward. */
  readonly inward: number;
  /** Cells that the line may run through. */
  readonly depth: number;
}

/** Places through which the juice of each cell leaves a piece: each cell has the nearest place of the surface. */
export interface Exits {
  /** First those of the two faces, column by column, then those of the right and the left edge, row by row. */
  readonly places: readonly Exit[];
  /** The place of each cell. */
  readonly of: Int32Array;
  /** Distance of each cell from its place, m. */
  readonly depth: Float64Array;
}

/** Place of a face of a column: side 0 went down first. */
export const faceExit = (column: number, side: 0 | 1): number => 2 * column + side;

/** Place of an edge of a row. @param columns of the section */
export const edgeExit = (columns: number, row: number, edge: 'right' | 'left'): number =>
  2 * columns + 2 * row + (edge === 'right' ? 0 : 1);

/** Finds the nearest place of the surface for every cell of a section; bone along an edge lets nothing out. */
export const exitsOf = ({ heights, widths, openLeft }: Section, { meat }: Matter): Exits => {
  const [rows, columns] = [heights.length, widths.length];
  const places: Exit[] = [];
  for (let j = 0; j < columns; j += 1) {
    places.push({ outer: j * rows, inward: 1, depth: rows >> 1 });
    places.push({ outer: j * rows + rows - 1, inward: -1, depth: rows >> 1 });
  }
  for (let i = 0; i < rows; i += 1) {
    places.push({ outer: (columns - 1) * rows + i, inward: -rows, depth: columns });
    places.push({ outer: i, inward: rows, depth: columns });
  }
  const thickness = heights.reduce((sum, height) => sum + height, 0);
  const across = widths.reduce((sum, width) => sum + width, 0);
  const of = new Int32Array(rows * columns);
  const depth = new Float64Array(rows * columns);
  let left = 0;
  for (let j = 0; j < columns; j += 1) {
    const fromLeft = left + widths[j] / 2;
    let above = 0;
    for (let i = 0; i < rows; i += 1) {
      const under = above + heights[i] / 2;
      const toFace = Math.min(under, thickness - under);
      const toRight = across - fromLeft;
      const [isRight, isLeft] = [
        columns > 1 && meat[(columns - 1) * rows + i] === 1 && toRight < toFace,
        columns > 1 && openLeft && meat[i] === 1 && fromLeft < toFace,
      ];
      of[j * rows + i] = isRight
        ? edgeExit(columns, i, 'right')
        : isLeft
          ? edgeExit(columns, i, 'left')
          : faceExit(j, under < thickness / 2 ? 0 : 1);
      depth[j * rows + i] = isRight ? toRight : isLeft ? fromLeft : toFace;
      above += heights[i];
    }
    left += widths[j];
  }
  return { places, of, depth };
};
