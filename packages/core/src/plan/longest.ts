/** Longest a piece may lie in the pan, s: beyond it no cook stands there. */
export const LONGEST_PAN = 5400;
/** Longest a piece may lie in an oven, s: a working day. */
export const LONGEST_OVEN = 8 * 3600;
/** A sear whose crust decides: no shorter, and no longer than this, s. Usual practice. */
export const SHORTEST_SEAR = 20;
export const LONGEST_SEAR = 300;
/** Skin with fat under it is given the time to render, s. Usual practice. */
export const SHORTEST_RENDER = 480;
export const LONGEST_RENDER = 780;
/** A blast in a very hot oven, s. Usual practice. */
export const SHORTEST_BLAST = 120;
export const LONGEST_BLAST = 1200;
