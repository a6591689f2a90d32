import type { ComponentType } from 'react';
import { loadWords, type WordsPlace } from './loadWords';
import { chunk } from './ui/chunk';

/** Chunk of a place. Its words are formatted when its modules are evaluated: they are loaded first. */
const place = <P extends object>(words: WordsPlace, fetch: () => Promise<ComponentType<P>>) =>
  chunk(async () => {
    await loadWords(words);
    return fetch();
  });

/**
 * The places other than Plan. Plan is where everyone begins: it comes with the first load.
 */
export const places = {
  stove: place('stove', () => import('./features/stove/StoveScreen').then((m) => m.StoveScreen)),
  pass: place('service', () => import('./features/pass/PassScreen').then((m) => m.PassScreen)),
  card: place('plan', () => import('./features/plan/card/CardScreen').then((m) => m.CardScreen)),
  practice: place('stove', () =>
    import('./features/stove/practice/PracticeScreen').then((m) => m.PracticeScreen),
  ),
  book: place('logbook', () => import('./features/book/parts').then((m) => m.BookScreen)),
  kitchen: place('kitchen', () =>
    import('./features/kitchen/KitchenScreen').then((m) => m.KitchenScreen),
  ),
  learned: place('logbook', () => import('./features/book/parts').then((m) => m.LearnedScreen)),
  trends: place('logbook', () => import('./features/book/parts').then((m) => m.TrendsScreen)),
  trials: place('logbook', () => import('./features/book/parts').then((m) => m.TrialsScreen)),
  trial: place('logbook', () => import('./features/book/parts').then((m) => m.TrialScreen)),
  files: place('logbook', () => import('./features/book/parts').then((m) => m.FilesScreen)),
  writeDown: place('logbook', () => import('./features/book/parts').then((m) => m.WriteDownScreen)),
  cook: place('logbook', () => import('./features/book/parts').then((m) => m.CookScreen)),
};

/** Strips with the next step of a place, shown while another place is open. */
export const strips = {
  stove: place('stove', () => import('./features/stove/StoveStrip').then((m) => m.StoveStrip)),
  pass: place('service', () => import('./features/pass/PassStrip').then((m) => m.PassStrip)),
};

/** Fetches what is not here yet, one after another, so that going there later waits for nothing. */
export const fetchPlaces = (): void => {
  const fetchAll = async (): Promise<void> => {
    for (const { load } of Object.values(places)) await load().catch(() => undefined);
  };
  void fetchAll();
};
