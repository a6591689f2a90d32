import type { UnitSystem } from '@crustan/core/units';
import { currentLanguage } from '@crustan/messages';

/** Regions whose kitchens weigh in ounces and cook in Fahrenheit. */
const IMPERIAL: readonly string[] = ['US', 'LR', 'MM'];

const regionOf = (language: string): string | undefined => {
  try {
    return new Intl.Locale(language).maximize().region;
  } catch {
    return undefined;
  }
};

/** Locale of dates and figures: the language of the page, in the form of the reader's region. */
export const pageLocale = (language = navigator.language): string => {
  const region = regionOf(language);
  return region === undefined ? currentLanguage() : `${currentLanguage()}-${region}`;
};

/** Default units in the region of the browser's language. */
export const usualUnits = (language = navigator.language): UnitSystem =>
  IMPERIAL.includes(regionOf(language) ?? '') ? 'imperial' : 'metric';

/** Ways of counting the hours of a day. */
export const HOUR_COUNTS = ['24', '12'] as const;
export type HourCount = (typeof HOUR_COUNTS)[number];

/** Default count of hours in that region. */
export const usualHours = (language = navigator.language): HourCount => {
  try {
    const { hour12 } = new Intl.DateTimeFormat(language, { hour: 'numeric' }).resolvedOptions();
    return hour12 === true ? '12' : '24';
  } catch {
    return '24';
  }
};
