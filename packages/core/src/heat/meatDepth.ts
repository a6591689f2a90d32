import type { Matter } from './matter';
import type { Section } from './section';

/** From where to where the meat reaches on the mid-line, m under the first face: without skin and fat. */
export const meatDepth = (
  { heights, middle }: Section,
  { meat }: Matter,
): { readonly first: number; readonly last: number } => {
  const rows = heights.length;
  let depth = 0;
  let first = Infinity;
  let last = 0;
  for (let i = 0; i < rows; i += 1) {
    if (meat[middle * rows + i] === 1) {
      first = Math.min(first, depth);
      last = depth + heights[i];
    }
    depth += heights[i];
  }
  return first < last ? { first, last } : { first: 0, last: depth };
};
