import { formatFixed } from './formatFixed';

/** Figures of the core, which have a decimal point, with the decimal mark of the page's language. */
export const withDecimalMark = (figures: string): string => {
  const mark = formatFixed(0.1, 1).charAt(1);
  return mark === '.' ? figures : figures.replace(/(\d)\.(\d)/g, `$1${mark}$2`);
};
