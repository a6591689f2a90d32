/** Whether the deep tier runs: `npm run test:deep`. */
const DEEP = process.env['CRUSTAN_DEEP'] !== undefined;

/** Cases of a slow property: all of them in the deep tier, one of several in `npm test`. */
export const someOf = <T>(all: readonly T[], oneOf: number): readonly T[] =>
  DEEP ? all : all.filter((_, i) => i % oneOf === 0);

/** Number of random cases of a slow property: all in the deep tier, a share in `npm test`. */
export const runsOf = (all: number, oneOf: number): number => (DEEP ? all : Math.ceil(all / oneOf));

/** Whether a test of the deep tier is left out. */
export const NOT_DEEP = !DEEP;
