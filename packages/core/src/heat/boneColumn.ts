import type { PieceSolver } from './pieceSolver';

/** The column of a section that lies along the bone; undefined if there is none. */
export const boneColumn = ({ columns, rows, matter }: PieceSolver): number | undefined => {
  const middle = rows >> 1;
  for (let j = 1; j < columns; j += 1) if (matter.meat[j * rows + middle] === 0) return j;
  return undefined;
};
