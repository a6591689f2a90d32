import { currentLanguage } from './currentLanguage';
import type { Language } from './language';

const formats = new Map<Language, Intl.ListFormat>();

/** Items in one line, as the current language lists them: `milk, wheat, egg`. */
export const formatList = (items: readonly string[]): string => {
  const language = currentLanguage();
  let format = formats.get(language);
  if (!format) {
    format = new Intl.ListFormat(language, { type: 'unit', style: 'long' });
    formats.set(language, format);
  }
  return format.format(items);
};
