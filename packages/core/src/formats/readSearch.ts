import { CUT_IDS, type CutId } from '../food/cuts';
import type { HeatScale } from '../plan/legs/ownSteps';
import { DONENESS_CODES, type DonenessWord } from '../phrases/donenessWord';
import type { Phrase, Span } from '../phrases/phrase';
import { cutAndDonenessWords, grammarByLanguage } from '../phrases/grammarByLanguage';
import { MONTHS, type Month, type SaidSpan } from '../phrases/saidSpan';
import type { UnreadPart } from '../phrases/unreadPart';
import type { PhraseLanguage } from '../phrases/tokens';
import { SEARCH_FIGURES, type CookSearch } from './cookSearch';
import {
  SEARCH_CODES,
  SEARCH_FIELDS,
  SEARCH_WORDS,
  type SearchCode,
  type SearchField,
} from './searchWords';
import { SPANISH_SEARCH_WORDS } from './spanishSearchWords';

type Meaning =
  | { readonly is: 'cut'; readonly cut: CutId }
  | { readonly is: 'doneness'; readonly word: DonenessWord }
  | { readonly is: 'field'; readonly field: SearchField }
  | { readonly is: 'code'; readonly code: SearchCode };

const isField = (name: string): name is SearchField => name in SEARCH_FIELDS;
const FIELDS = Object.keys(SEARCH_FIELDS).filter(isField);

const meanings = new Map<string, Meaning>([
  ...SEARCH_CODES.map((code) => [code, { is: 'code', code }] as const),
  ...FIELDS.map((field) => [`field ${field}`, { is: 'field', field }] as const),
  ...CUT_IDS.map((cut) => [`cut ${cut}`, { is: 'cut', cut }] as const),
  ...DONENESS_CODES.map((word) => [`doneness ${word}`, { is: 'doneness', word }] as const),
]);

/** Words of a search in each language, beside pieces and doneness. */
const WORDS_IN = { en: SEARCH_WORDS, es: SPANISH_SEARCH_WORDS } as const;

const phrasesIn = grammarByLanguage((language) => [
  ...SEARCH_CODES.map((code) => [code, WORDS_IN[language][code]] as const),
  ...FIELDS.map((field) => [`field ${field}`, WORDS_IN[language][field]] as const),
  ...cutAndDonenessWords(language),
]);

/** Conditions of a search besides its words and its day. */
export type AskedOfCook = Omit<CookSearch, 'words' | 'from' | 'to'>;

/** A search of the logbook, read from a cook's sentence. */
export interface ReadSearch {
  readonly asked: AskedOfCook;
  readonly span: SaidSpan | undefined;
  /** Words without a meaning of their own: they are searched as text. */
  readonly words: string;
  readonly unread: readonly UnreadPart[];
}

/** Comparison of a figure. */
type Compared = 'over' | 'under' | 'about';

/** Half-width of the range around a figure without "over" or "under", as a share of the figure. */
const AROUND = 0.1;
/** The same of a core temperature, K. */
const AROUND_CORE = 1.5;
/** Longest text that is read, letters. */
const LONGEST = 120;
const YEARS = { least: 2000, most: 2100 } as const;

const ONLY_WHAT_HOLDS = 'the search finds cooks with a property, not without it';
const TWICE = 'the search takes one of a kind';

const isMonth = (code: SearchCode): code is Month => MONTHS.some((month) => month === code);
const isSpan = (code: SearchCode): code is Exclude<SaidSpan['of'], number> =>
  isMonth(code) || /^(?:today|yesterday|this-|last-)/.test(code);

/** Figures that a search compares. */
const bounded = (figure: number): number =>
  Math.min(SEARCH_FIGURES.most, Math.max(SEARCH_FIGURES.least, figure));

/** The bounds that a figure asks for. */
const boundsOf = (
  { least, most }: { readonly least: number; readonly most: number },
  compared: Compared | undefined,
  around: number,
): { readonly from?: number; readonly to?: number } => {
  if (compared === 'over') return { from: least };
  if (compared === 'under') return { to: most };
  const wide = least === most || compared === 'about' ? around : 0;
  return { from: least - wide, to: most + wide };
};

/** Field names of the bounds of each quantity. */
const BOUNDED = {
  length: ['thicknessFrom', 'thicknessTo'],
  weight: ['weightFrom', 'weightTo'],
  heat: ['targetFrom', 'targetTo'],
} as const;
type Quantity = keyof typeof BOUNDED;
const isQuantity = (phrase: Phrase<string>): phrase is Extract<Phrase<string>, { is: Quantity }> =>
  phrase.is in BOUNDED;

const isYear = ({ least, most }: { readonly least: number; readonly most: number }): boolean =>
  least === most && Number.isInteger(least) && least >= YEARS.least && least <= YEARS.most;

/** The text without some parts; one space between the remaining ones. */
const without = (text: string, parts: readonly Span[]): string => {
  const kept = parts.reduceRight(
    (left, { from, to }) => `${left.slice(0, from)} ${left.slice(to)}`,
    text,
  );
  return kept
    .split(/\s+/)
    .filter((word) => /[\p{L}\p{N}]/u.test(word))
    .join(' ');
};

/**
 * Reads a search of the logbook: piece, thickness, weight, doneness or degrees, way, how it ended, what was judged, and when.
 * Other words are left to be looked for in titles and notes.
 * @param text at most 120 letters; more is not read
 * @param scale of a heat without a letter
 */
export const readSearch = (
  text: string,
  scale: HeatScale = 'c',
  language: PhraseLanguage = 'en',
): ReadSearch => {
  const said = text.slice(0, LONGEST);
  const used: Span[] = [];
  const unread: UnreadPart[] = [];
  let asked: AskedOfCook = {};
  let span: SaidSpan | undefined;
  let compared: Compared | undefined;
  let since = false;
  /** A "not" that stands before what is not looked for. */
  let not: Span | undefined;

  const take = (phrase: Span, more: AskedOfCook): void => {
    used.push(phrase);
    const words = said.slice(not?.from ?? phrase.from, phrase.to);
    if (not) unread.push({ text: words, why: ONLY_WHAT_HOLDS });
    else if (Object.keys(more).some((key) => key in asked))
      unread.push({ text: words, why: TWICE });
    else asked = { ...asked, ...more };
    not = undefined;
  };
  const takeFigure = (phrase: Extract<Phrase<string>, { is: Quantity }>): void => {
    const around = phrase.is === 'heat' ? AROUND_CORE : AROUND * phrase.least;
    const { from, to } = boundsOf(phrase, compared, around);
    const [fromKey, toKey] = BOUNDED[phrase.is];
    take(phrase, {
      ...(from === undefined ? {} : { [fromKey]: bounded(from) }),
      ...(to === undefined ? {} : { [toKey]: bounded(to) }),
    });
    compared = undefined;
  };
  const takeSpan = (phrase: Span, of: SaidSpan['of']): void => {
    used.push(phrase);
    if (span) unread.push({ text: said.slice(phrase.from, phrase.to), why: TWICE });
    else span = { of, since: since || compared === 'over' };
    since = false;
    compared = undefined;
  };
  const takeCode = (phrase: Span, code: SearchCode): void => {
    if (isSpan(code)) {
      takeSpan(phrase, code);
      return;
    }
    used.push(phrase);
    if (code === 'not') not = phrase;
    else if (code === 'since') since = true;
    else if (code === 'over' || code === 'under' || code === 'about') compared = code;
  };
  const takeWord = (phrase: Span, meaning: Meaning): void => {
    if (meaning.is === 'code') takeCode(phrase, meaning.code);
    else if (meaning.is === 'field') take(phrase, SEARCH_FIELDS[meaning.field]);
    else if (meaning.is === 'doneness') take(phrase, { doneness: meaning.word });
    else
      take(phrase, { cut: meaning.cut, named: said.slice(phrase.from, phrase.to).toLowerCase() });
  };

  for (const phrase of phrasesIn(language)(said, scale)) {
    const meaning = phrase.is === 'word' ? meanings.get(phrase.code) : undefined;
    if (meaning) takeWord(phrase, meaning);
    else if (isQuantity(phrase)) takeFigure(phrase);
    else if (phrase.is === 'number' && isYear(phrase)) takeSpan(phrase, phrase.least);
    else if (phrase.is === 'comma' || phrase.is === 'stop') used.push(phrase);
  }
  return { asked, span, words: without(said, used), unread };
};
