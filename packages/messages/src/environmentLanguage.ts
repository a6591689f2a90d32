import { LANGUAGES, type Language } from './language';

/** Language of a process, from `LC_ALL`, `LC_MESSAGES` or `LANG` of its environment; default: English. */
export const environmentLanguage = (
  env: Readonly<Record<string, string | undefined>>,
): Language => {
  const locale = env['LC_ALL'] || env['LC_MESSAGES'] || env['LANG'] || '';
  return LANGUAGES.find((language) => locale.startsWith(language)) ?? 'en';
};
