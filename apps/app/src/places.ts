import { lazy, type ComponentType } from 'react';

/** A place whose script is a chunk of its own. */
const place = <P extends object>(load: () => Promise<ComponentType<P>>) => ({
  load,
  Screen: lazy(() => load().then((component) => ({ default: component }))),
});

/**
 * The places other than Plan. Plan is where everyone begins: it comes with the first load, for a
 * route that suspends shows nothing and is then held back by React for another 300 ms.
 */
export const places = {
  stove: place(() => import('./features/stove/StoveScreen').then((m) => m.StoveScreen)),
  practice: place(() =>
    import('./features/stove/practice/PracticeScreen').then((m) => m.PracticeScreen),
  ),
  book: place(() => import('./features/book/BookScreen').then((m) => m.BookScreen)),
  kitchen: place(() => import('./features/kitchen/KitchenScreen').then((m) => m.KitchenScreen)),
  learned: place(() => import('./features/book/LearnedScreen').then((m) => m.LearnedScreen)),
  trends: place(() => import('./features/book/TrendsScreen').then((m) => m.TrendsScreen)),
  trials: place(() => import('./features/book/TrialsScreen').then((m) => m.TrialsScreen)),
  trial: place(() => import('./features/book/TrialScreen').then((m) => m.TrialScreen)),
  files: place(() => import('./features/book/files/FilesScreen').then((m) => m.FilesScreen)),
  writeDown: place(() => import('./features/book/WriteDownScreen').then((m) => m.WriteDownScreen)),
  cook: place(() => import('./features/book/CookScreen').then((m) => m.CookScreen)),
};

/** Fetches what is not here yet, so that going there waits for nothing. */
export const fetchPlaces = (): void => {
  for (const { load } of Object.values(places)) void load();
};
