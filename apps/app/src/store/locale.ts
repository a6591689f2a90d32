import type { UnitSystem } from '@crustan/core/units';

/** Regions whose kitchens weigh in ounces and cook in Fahrenheit. */
const IMPERIAL: readonly string[] = ['US', 'LR', 'MM'];

const regionOf = (language: string): string | undefined => {
  try {
    return new Intl.Locale(language).maximize().region;
  } catch {
    return undefined;
  }
};

/**
 * The locale of dates and figures: the pages' language, English, as it is written in the reader's region.
 */
export const pageLocale = (language = navigator.language): string => {
  const region = regionOf(language);
  return region === undefined ? 'en' : `en-${region}`;
};

/** The units that are usual where the browser's language is spoken. */
export const usualUnits = (language = navigator.language): UnitSystem =>
  IMPERIAL.includes(regionOf(language) ?? '') ? 'imperial' : 'metric';

/** Ways of counting the hours of a day. */
export const HOUR_COUNTS = ['24', '12'] as const;
export type HourCount = (typeof HOUR_COUNTS)[number];

/** The hours that are usual there. */
export const usualHours = (language = navigator.language): HourCount => {
  try {
    const { hour12 } = new Intl.DateTimeFormat(language, { hour: 'numeric' }).resolvedOptions();
    return hour12 === true ? '12' : '24';
  } catch {
    return '24';
  }
};
