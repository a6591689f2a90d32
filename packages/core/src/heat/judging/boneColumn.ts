import type { PieceSolver } from '../solver/pieceSolver';

/** Column of a section that lies along the bone; undefined in a boneless piece. */
export const boneColumn = ({ columns, rows, matter }: PieceSolver): number | undefined => {
  const middle = rows >> 1;
  for (let j = 1; j < columns; j += 1) if (matter.meat[j * rows + middle] === 0) return j;
  return undefined;
};
