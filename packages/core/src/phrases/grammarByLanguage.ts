import { CUT_IDS, CUTS, type CutId } from '../food';
import { DONENESS_WORDS } from './dinnerWords';
import { DONENESS_CODES } from './donenessWord';
import { perLanguage } from './perLanguage';
import { grammarOf, type PhrasesOf } from './phraseParser';
import { SPANISH_CUT_WORDS, SPANISH_DONENESS_WORDS } from './spanishDinner';
import { vocabularyOf, type PhraseLanguage } from './tokens';

/** Codes with their spellings between commas. */
type Spellings = readonly (readonly [code: string, words: string])[];

const DONENESS_WORDS_IN = { en: DONENESS_WORDS, es: SPANISH_DONENESS_WORDS } as const;
const CUT_WORDS_IN: Readonly<Record<PhraseLanguage, (cut: CutId) => string>> = {
  en: (cut) => CUTS[cut].words,
  es: (cut) => SPANISH_CUT_WORDS[cut] ?? CUTS[cut].words,
};

/** Spellings of every piece (`cut ribeye`) and doneness (`doneness rare`) in a language. */
export const cutAndDonenessWords = (language: PhraseLanguage): Spellings => [
  ...CUT_IDS.map((cut) => [`cut ${cut}`, CUT_WORDS_IN[language](cut)] as const),
  ...DONENESS_CODES.map((word) => [`doneness ${word}`, DONENESS_WORDS_IN[language][word]] as const),
];

/**
 * A grammar in several languages.
 * @param wordsIn its spellings in a language, with the codes `to` and `filler`
 */
export const grammarByLanguage = (
  wordsIn: (language: PhraseLanguage) => Spellings,
): ((language: PhraseLanguage) => PhrasesOf<string>) =>
  perLanguage((language) =>
    grammarOf<string>({
      ...vocabularyOf(wordsIn(language), language),
      ...{ to: 'to', filler: 'filler', inches: true },
    }),
  );
