/** Longest a piece may lie in the pan, s: beyond it no cook stands there. */
export const LONGEST_PAN = 5400;
/** Longest a piece may lie in an oven, s: a working day. */
export const LONGEST_OVEN = 8 * 3600;
/** Shortest and longest duration of a sear whose crust decides, s. Common practice. */
export const SHORTEST_SEAR = 20;
export const LONGEST_SEAR = 300;
/** Shortest and longest duration for rendering skin with fat under it, s. Common practice. */
export const SHORTEST_RENDER = 480;
export const LONGEST_RENDER = 780;
/** Shortest and longest duration of a hot-oven finish, s. Common practice. */
export const SHORTEST_BLAST = 120;
export const LONGEST_BLAST = 1200;
