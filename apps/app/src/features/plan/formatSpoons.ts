import { t } from './t';

/** Quarters of a spoon, as a cook measures. */
const QUARTERS = ['', '¼', '½', '¾'] as const;
/** Teaspoons in a tablespoon. */
const TABLESPOON = 3;

/** A count of quarters as a figure: `1½`. */
const figureOf = (quarters: number): string => {
  const whole = Math.floor(quarters / 4);
  return `${whole === 0 ? '' : whole}${QUARTERS[quarters % 4] ?? ''}`;
};

/** Half of a spoon counts as one, as a whole spoon does. */
const grammaticalCount = (quarters: number): number => (quarters > 4 ? 2 : 1);

const formatTeaspoons = (quarters: number): string =>
  t('teaspoons', { figure: figureOf(quarters), count: grammaticalCount(quarters) });

const formatTablespoons = (quarters: number): string =>
  t('tablespoons', { figure: figureOf(quarters), count: grammaticalCount(quarters) });

/** `1½ teaspoons`, `a pinch`, `1 tablespoon and ½ teaspoon`: no finer than a quarter. */
export const formatSpoons = (teaspoons: number): string => {
  const quarters = Math.round(teaspoons * 4);
  if (quarters === 0) return t('a-pinch');
  const large = Math.floor(quarters / (4 * TABLESPOON));
  if (large === 0) return formatTeaspoons(quarters);
  const rest = quarters - large * 4 * TABLESPOON;
  const tablespoons = formatTablespoons(large * 4);
  return rest === 0 ? tablespoons : t('and', { tablespoons, counted: formatTeaspoons(rest) });
};
