import type { Catalogue } from './catalogue';
import type { Language } from './language';

let language: Language = 'en';
const loaded = new Map<string, Catalogue>();

/** Language of the page, or of the process. */
export const currentLanguage = (): Language => language;

/** Sets the language before the first message is formatted: tables of messages are formatted once. */
export const setLanguage = (chosen: Language): void => {
  language = chosen;
};

/** Adds the translated messages of places, by the names of the places. */
export const loadCatalogues = (catalogues: Readonly<Record<string, Catalogue>>): void => {
  for (const [place, messages] of Object.entries(catalogues)) loaded.set(place, messages);
};

/** Current language and the messages of a place in it; undefined: the place has none, English is used. */
export const translationOf = (
  place: string,
): { readonly language: Language; readonly messages: Catalogue | undefined } => ({
  language,
  messages: language === 'en' ? undefined : loaded.get(place),
});

/** A name that the core gives in English, in the current language; unchanged if it has no translation. */
export const translateName = (english: string): string =>
  translationOf('names').messages?.[english] ?? english;
