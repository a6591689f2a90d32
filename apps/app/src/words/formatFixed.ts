import { pageLocale } from '../store/locale';

const formats = new Map<number, Intl.NumberFormat>();

/** A number with a fixed number of decimals, in the language of the page. */
export const formatFixed = (value: number, decimals: number): string => {
  let format = formats.get(decimals);
  if (!format) {
    format = new Intl.NumberFormat(pageLocale(), {
      minimumFractionDigits: decimals,
      maximumFractionDigits: decimals,
      useGrouping: false,
    });
    formats.set(decimals, format);
  }
  return format.format(value);
};
