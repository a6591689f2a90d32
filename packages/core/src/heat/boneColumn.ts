import type { PieceSolver } from './pieceSolver';

/** The column of a section that lies along the bone; undefined where there is none. */
export const boneColumn = ({ columns, matter }: PieceSolver): number | undefined => {
  if (columns === 1) return undefined;
  const first = matter.contact.findIndex((share) => share < 1);
  return first > 0 ? first : undefined;
};
