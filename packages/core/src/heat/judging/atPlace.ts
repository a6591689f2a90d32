import type { PieceState } from '../solver/pieceState';

/**
 * A field of a piece half-way up its meat at a distance from its left side, interpolated between the two nearest
 * columns.
 * @param across m from the left side of a piece solved whole
 */
export const atPlace = (
  { section: { widths }, rows }: Pick<PieceState, 'section' | 'rows'>,
  field: Float64Array,
  across: number,
): number => {
  const half = rows >> 1;
  const inColumn = (j: number): number => (field[j * rows + half - 1] + field[j * rows + half]) / 2;
  let left = 0;
  let before = -Infinity;
  for (let j = 0; j < widths.length; j += 1) {
    const centre = left + widths[j] / 2;
    if (centre >= across) {
      if (j === 0) return inColumn(0);
      const share = (across - before) / (centre - before);
      return (1 - share) * inColumn(j - 1) + share * inColumn(j);
    }
    left += widths[j];
    before = centre;
  }
  return inColumn(widths.length - 1);
};
