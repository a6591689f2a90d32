import { LANGUAGES, type Language } from '@crustan/messages';
import { loadLocal, saveLocal } from './device';

const STORED = 'language';

const isLanguage = (value: unknown): value is Language =>
  LANGUAGES.some((known) => known === value);

/** Language that was chosen on this device; undefined: the browser's. */
export const chosenLanguage = (): Language | undefined =>
  loadLocal(STORED, (value) => (isLanguage(value) ? value : undefined));

/** Language of the pages: the chosen one, or the browser's, or English. */
export const pageLanguage = (browser = navigator.language): Language => {
  const [code] = browser.split('-');
  return chosenLanguage() ?? (isLanguage(code) ? code : 'en');
};

/**
 * Keeps the choice of a language; undefined: the browser's. The page is loaded again: tables of words are formatted once.
 * @returns false when the device refuses to keep it
 */
export const chooseLanguage = (
  language: Language | undefined,
  reload = () => window.location.reload(),
): boolean => {
  const isKept = saveLocal(STORED, language ?? null);
  if (isKept) reload();
  return isKept;
};
