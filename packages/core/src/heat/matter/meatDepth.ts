import type { Matter } from './matter';

/**
 * From where to where the meat reaches in a column, m under the first face: without skin and fat.
 * @param heights of the column's cells, m
 */
export const meatDepth = (
  heights: Float64Array,
  { meat }: Matter,
  column: number,
): { readonly first: number; readonly last: number } => {
  const rows = heights.length;
  let depth = 0;
  let first = Infinity;
  let last = 0;
  for (let i = 0; i < rows; i += 1) {
    if (meat[column * rows + i] === 1) {
      first = Math.min(first, depth);
      last = depth + heights[i];
    }
    depth += heights[i];
  }
  return first < last ? { first, last } : { first: 0, last: depth };
};
