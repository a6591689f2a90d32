import type { PhraseLanguage } from './tokens';

/** A value for each language, made when it is first used: a grammar takes a tenth of a second. */
export const perLanguage = <T>(make: (language: PhraseLanguage) => T) => {
  const made = new Map<PhraseLanguage, T>();
  return (language: PhraseLanguage): T => {
    const known = made.get(language) ?? make(language);
    made.set(language, known);
    return known;
  };
};
