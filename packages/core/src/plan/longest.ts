/** Longest a piece may lie in the pan, s: beyond it no cook stands there. */
export const LONGEST_PAN = 5400;
