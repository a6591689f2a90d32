import { PROPERTY_CEILING } from '../../food';
import type { PieceState } from './pieceState';

/** Heat given back warms no cell by more than this while there is another behind it, K. */
const MOST_WARMED = 2;

/**
 * Returns heat that a step spent on water that a cell did not have. The cell takes as much as it can, and the cells
 * behind it take the rest.
 * @param change of the step, K
 * @param heat J
 * @param inward step in cell index to the cell behind; 0: the cell takes all the heat
 * @param far cell index past the last of the line
 */
export const giveBack = (
  { temperature, volume, matter }: PieceState,
  change: Float64Array,
  c: number,
  heat: number,
  inward = 0,
  far = c,
): void => {
  const [s0, s1, s2] = matter.solids;
  let left = heat;
  for (let at = c; ; at += inward) {
    const t = Math.min(temperature[at] + change[at], PROPERTY_CEILING);
    const capacity = volume[at] * (s0[at] + t * (s1[at] + t * s2[at]));
    const isLast = inward === 0 || at + inward === far;
    const given = isLast ? left : Math.min(left, MOST_WARMED * capacity);
    change[at] += given / capacity;
    left -= given;
    if (left <= 0 || isLast) return;
  }
};
