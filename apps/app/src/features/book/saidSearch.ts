import { currentLanguage } from '@crustan/messages';
import type { CookSearch } from '@crustan/core/formats';
import type { UnreadPart } from '@crustan/core/phrases/unreadPart';
import type { HeatScale } from '@crustan/core/plan/ownSteps';
import { kitchenNow } from '../../store/clock';
import { spanOf } from './spanOf';

/** Typed words as a search, with the words that were not used. */
export interface SaidSearch {
  readonly search: CookSearch;
  readonly unread: readonly UnreadPart[];
}

export const NOTHING_SAID: SaidSearch = { search: {}, unread: [] };

/** Each word is looked for in titles and notes. */
export const asWritten = (words: string): SaidSearch =>
  words === '' ? NOTHING_SAID : { search: { words }, unread: [] };

/** Loads what reads the words, before the first one is typed. */
export const loadGrammar = (): void => void import('../../words/grammar').catch(() => undefined);

/**
 * Reads the words of a search: words with a meaning become conditions, the others are searched as text.
 * @param scale of a temperature without a unit
 */
export const readWords = async (words: string, scale: HeatScale): Promise<SaidSearch> => {
  if (words === '') return NOTHING_SAID;
  const { readSearch } = await import('../../words/grammar');
  const { asked, span, words: left, unread } = readSearch(words, scale, currentLanguage());
  const days = spanOf(span, kitchenNow());
  return { search: { ...asked, ...days, ...asWritten(left).search }, unread };
};
