import { createToken, Lexer, type TokenType } from 'chevrotain';
import { ENGLISH_NUMBERS, ENGLISH_TIMES } from './englishWords';
import { SPANISH_NUMBERS, SPANISH_TIMES } from './spanishDinner';

const category = (name: string): TokenType => createToken({ name, pattern: Lexer.NA });

/** Languages in which phrases are read. */
export type PhraseLanguage = 'en' | 'es';

/** Tokens that stand for every spelling of a kind. */
export const NumberWord = category('NumberWord');
export const TimeUnit = category('TimeUnit');
export const Word = category('Word');

/** `3:30` or `1:15:00`. */
export const Clock = createToken({ name: 'Clock', pattern: /\d{1,2}:[0-5]\d(?::[0-5]\d)?(?!\d)/ });
/** `1/2`. */
export const Fraction = createToken({ name: 'Fraction', pattern: /[1-9]\/[1-9](?!\d)/ });
export const VulgarFraction = createToken({ name: 'VulgarFraction', pattern: /[½¼¾⅓⅔⅛]/ });
export const Amount = createToken({ name: 'Amount', pattern: /\d{1,6}(?:[.,]\d{1,3}(?!\d))?/ });
export const Dash = createToken({ name: 'Dash', pattern: /[-–—−~]/ });
/** Minutes, where it follows a number. */
export const Prime = createToken({ name: 'Prime', pattern: /['′’]/ });
/** Seconds, where it follows a number. */
export const DoublePrime = createToken({ name: 'DoublePrime', pattern: /["″”]/ });
export const Times = createToken({ name: 'Times', pattern: /[x×*]\s{0,3}(?=\d)/i });
export const Celsius = createToken({
  name: 'Celsius',
  pattern: /(?:°|º|degrees?|deg)?[ \t]{0,3}(?:celsius|centigrade|c)(?![a-z])/i,
});
export const Fahrenheit = createToken({
  name: 'Fahrenheit',
  pattern: /(?:°|º|degrees?|deg)?[ \t]{0,3}(?:fahrenheit|f)(?![a-z])/i,
});
export const Degree = createToken({
  name: 'Degree',
  pattern: /°|º|(?:degrees?|deg|grados?)(?![a-z])/i,
});
export const GasMark = createToken({
  name: 'GasMark',
  pattern: /gas(?:[ \t]{1,3}mark)?(?=[ \t]{0,3}\d)/i,
});
export const Half = createToken({ name: 'Half', pattern: /(?:half|medi[oa])(?![a-zà-öø-ÿ])/i });
/** `quarter`, `three quarters of`; not of the hour: `quarter past`. */
export const Quarter = createToken({
  name: 'Quarter',
  pattern:
    /(?:three[ \t-]{1,3})?quarters?(?:[ \t]{1,3}of)?(?![a-z]|[ \t]{1,3}(?:past|to)(?![a-z]))/i,
});
export const Between = createToken({ name: 'Between', pattern: /between(?![a-z])/i });
export const To = createToken({ name: 'To', pattern: /to(?![a-z])/i, categories: [] });
export const Or = createToken({ name: 'Or', pattern: /or?(?![a-zà-öø-ÿ'’])/i });
export const And = createToken({ name: 'And', pattern: /(?:(?:and|y)(?![a-zà-öø-ÿ])|&|\+)/i });
export const Article = createToken({ name: 'Article', pattern: /an?(?![a-z])/i });
/** `cm`; `in` where "thick" follows. */
export const Length = createToken({
  name: 'Length',
  pattern:
    /(?:mm|cm|millimet(?:re|er)s?|centimet(?:re|er)s?|mil[ií]metros?|cent[ií]metros?|inch(?:es)?|pulgadas?|in(?=[ \t]{1,3}thick))(?![a-z])/i,
});
const ATTACHED_INCH = /in(?![a-z])/iy;
/** `in` right after a figure: `1.5in`. */
export const AttachedInch = createToken({
  name: 'AttachedInch',
  pattern: (text, offset) => {
    ATTACHED_INCH.lastIndex = offset;
    return /[\d½¼¾⅓⅔⅛]/.test(text.charAt(offset - 1)) ? ATTACHED_INCH.exec(text) : null;
  },
  start_chars_hint: ['i', 'I'],
  line_breaks: false,
  categories: [Length],
});
export const Weight = createToken({
  name: 'Weight',
  pattern:
    /(?:kg|kilos?|kilogramo?s?|gramo?s?|gr|g|lbs?|pounds?|libras?|oz|ounces?|onzas?)(?![a-z])/i,
});
/** The end of a step: a full stop, a semicolon, a line, "then". */
export const Stop = createToken({
  name: 'Stop',
  pattern: /[.;!\n\r|→>]|,?[ \t]{0,3}(?:and[ \t]{1,3})?then(?![a-z])|followed by(?![a-z])/i,
  line_breaks: true,
});
export const Comma = createToken({ name: 'Comma', pattern: /[,:()]/ });
export const Space = createToken({
  name: 'Space',
  pattern: /[ \t\f\v\u00a0\u2009\u202f]+/,
  group: Lexer.SKIPPED,
});
/** Words that are in no table, and any other character. */
export const UnknownWord = createToken({
  name: 'UnknownWord',
  pattern: /[a-zà-öø-ÿ][a-zà-öø-ÿ'’]*/i,
});
export const UnknownSign = createToken({
  name: 'UnknownSign',
  pattern: /[\u0000-\uffff]/,
  line_breaks: true,
});

const escaped = (spelling: string): string =>
  spelling.replace(/[.*+?^${}()|[\]\\/]/g, '\\$&').replaceAll(' ', '[ \\t-]{1,3}');

/** Makes a token for one spelling. It does not match the beginning of a longer word. */
const spelled = (kind: TokenType, spelling: string, name: string): TokenType =>
  createToken({
    name,
    pattern: new RegExp(`${escaped(spelling)}(?![a-zà-öø-ÿ])`, 'i'),
    categories: [kind],
  });

/** Longest spelling, in letters, that is tried only after the words of the grammar itself. */
const SHORT = 3;

interface Spelling {
  readonly spelling: string;
  readonly token: TokenType;
}

/** The entries of a list between commas. */
const listed = (list: string): readonly string[] =>
  list
    .split(',')
    .map((one) => one.trim())
    .filter((one) => one !== '');

const units = new Map<TokenType, number>();
const numbers = new Map<TokenType, number>();

interface QuantityWords {
  readonly times: readonly { readonly seconds: number; readonly words: string }[];
  readonly numbers: Readonly<Record<string, number>>;
}

/** Spellings of units and numbers of a language. */
const quantitiesOf = ({ times, numbers: words }: QuantityWords): readonly Spelling[] => [
  ...times.flatMap(({ seconds, words }) =>
    listed(words).map((spelling) => {
      const token = spelled(TimeUnit, spelling, `unit ${spelling}`);
      units.set(token, seconds);
      return { spelling, token };
    }),
  ),
  ...Object.entries(words).map(([spelling, value]) => {
    const token = spelled(NumberWord, spelling, `number ${spelling}`);
    numbers.set(token, value);
    return { spelling, token };
  }),
];

const QUANTITIES: Readonly<Record<PhraseLanguage, readonly Spelling[]>> = {
  en: quantitiesOf({ times: ENGLISH_TIMES, numbers: ENGLISH_NUMBERS }),
  es: quantitiesOf({ times: SPANISH_TIMES, numbers: SPANISH_NUMBERS }),
};

/** Value of a unit of time, s, or of a number in words. */
export const secondsOf = (token: TokenType): number => units.get(token) ?? 60;
export const numberOf = (token: TokenType): number => numbers.get(token) ?? 1;

/** The tokens of a vocabulary, and what its words stand for. */
export interface Vocabulary<Code extends string> {
  /** In the order in which they are tried: longer spellings come first. */
  readonly tokens: readonly TokenType[];
  readonly codeOf: (token: TokenType) => Code | undefined;
}

/** Makes the tokens of a table of words: lists of spellings between commas, by code. */
export const vocabularyOf = <Code extends string>(
  words: readonly (readonly [Code, string])[],
  language: PhraseLanguage = 'en',
): Vocabulary<Code> => {
  const codes = new Map<TokenType, Code>();
  const own = words.flatMap(([code, list]) =>
    listed(list).map((spelling) => {
      const token = spelled(Word, spelling, `${code} ${spelling}`);
      codes.set(token, code);
      return { spelling, token };
    }),
  );
  const spellings = [...own, ...QUANTITIES[language]].toSorted(
    (a, b) => b.spelling.length - a.spelling.length,
  );
  const ofLength = (isLong: boolean): readonly TokenType[] =>
    spellings
      .filter(({ spelling }) => spelling.length > SHORT === isLong)
      .map(({ token }) => token);
  const tokens = [
    ...[Space, Stop, Clock, Fraction, VulgarFraction, Amount, Times, GasMark, Quarter],
    ...ofLength(true),
    ...[AttachedInch, Celsius, Fahrenheit, Degree, Half, Between, Length, Weight],
    ...[To, Or, And, Article],
    ...ofLength(false),
    ...[Dash, Prime, DoublePrime, Comma, UnknownWord, UnknownSign],
    ...[NumberWord, TimeUnit, Word],
  ];
  return { tokens, codeOf: (token) => codes.get(token) };
};
