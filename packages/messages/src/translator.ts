import { IntlMessageFormat } from 'intl-messageformat';
import type { Catalogue } from './catalogue';
import { translationOf } from './currentLanguage';
import type { Language } from './language';

export type MessageValue = string | number;

type NameIn<Argument extends string> = Argument extends `${infer Name},${string}` ? Name : Argument;
/** Names of the arguments of a message without plurals. */
type Names<Message extends string> = Message extends `${string}{${infer Argument}}${infer Rest}`
  ? NameIn<Argument> | Names<Rest>
  : never;
/** Values of a message. The cases of a plural or a selection have braces too: their names are not checked. */
export type ValuesOf<Message extends string> = Message extends
  `${string}, plural,${string}` | `${string}, select,${string}`
  ? Readonly<Record<string, MessageValue>>
  : Readonly<Record<Names<Message>, MessageValue>>;

/** Formats a message of one place in one language. */
export type Translate<Messages extends Catalogue> = <Id extends keyof Messages & string>(
  id: Id,
  ...values: Messages[Id] extends `${string}{${string}` ? [values: ValuesOf<Messages[Id]>] : []
) => string;

const formats = new Map<string, IntlMessageFormat>();
const format = (
  message: string,
  language: Language,
  values: Readonly<Record<string, MessageValue>>,
): string => {
  const key = `${language} ${message}`;
  let found = formats.get(key);
  if (!found) {
    found = new IntlMessageFormat(message, language, undefined, { ignoreTag: true });
    formats.set(key, found);
  }
  return String(found.format(values));
};

/**
 * Function that formats the messages of one place.
 * @param place name of its catalogue
 * @param english its messages in English, in ICU message syntax: they are also the type of the ids and of the values
 */
export const translator =
  <const Messages extends Catalogue>(place: string, english: Messages): Translate<Messages> =>
  (id, ...[values = {}]) => {
    const { language, messages } = translationOf(place);
    const message = messages?.[id] ?? english[id] ?? id;
    return /[{']/.test(message) ? format(message, messages ? language : 'en', values) : message;
  };

/**
 * Functions that format the messages of one place in each language: for a process that answers in several.
 * @param english its messages in English, in ICU message syntax
 * @param translated its messages in the other languages
 */
export const translators = <const Messages extends Catalogue>(
  english: Messages,
  translated: Readonly<Record<Exclude<Language, 'en'>, TranslationOf<Messages>>>,
): Readonly<Record<Language, Translate<Messages>>> => {
  const inLanguage =
    (language: Language, messages: TranslationOf<Messages>): Translate<Messages> =>
    (id, ...[values = {}]) =>
      /[{']/.test(messages[id]) ? format(messages[id], language, values) : messages[id];
  return { en: inLanguage('en', english), es: inLanguage('es', translated.es) };
};

/** Messages of a place in another language: the same ids. */
export type TranslationOf<English extends Catalogue> = Readonly<Record<keyof English, string>>;
