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

const counted = (quarters: number, spoon: string): string =>
  `${figureOf(quarters)} ${spoon}${quarters > 4 ? 's' : ''}`;

/** `1½ teaspoons`, `a pinch`, `1 tablespoon and ½ teaspoon`: no finer than a quarter. */
export const formatSpoons = (teaspoons: number): string => {
  const quarters = Math.round(teaspoons * 4);
  if (quarters === 0) return t('a-pinch');
  const large = Math.floor(quarters / (4 * TABLESPOON));
  if (large === 0) return counted(quarters, 'teaspoon');
  const rest = quarters - large * 4 * TABLESPOON;
  const tablespoons = counted(large * 4, 'tablespoon');
  return rest === 0 ? tablespoons : t('and', { tablespoons, counted: counted(rest, 'teaspoon') });
};
