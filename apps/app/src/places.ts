import { chunk } from './ui/chunk';

/**
 * The places other than Plan. Plan is where everyone begins: it comes with the first load.
 */
export const places = {
  stove: chunk(() => import('./features/stove/StoveScreen').then((m) => m.StoveScreen)),
  pass: chunk(() => import('./features/pass/PassScreen').then((m) => m.PassScreen)),
  card: chunk(() => import('./features/plan/card/CardScreen').then((m) => m.CardScreen)),
  practice: chunk(() =>
    import('./features/stove/practice/PracticeScreen').then((m) => m.PracticeScreen),
  ),
  book: chunk(() => import('./features/book/parts').then((m) => m.BookScreen)),
  kitchen: chunk(() => import('./features/kitchen/KitchenScreen').then((m) => m.KitchenScreen)),
  learned: chunk(() => import('./features/book/parts').then((m) => m.LearnedScreen)),
  trends: chunk(() => import('./features/book/parts').then((m) => m.TrendsScreen)),
  trials: chunk(() => import('./features/book/parts').then((m) => m.TrialsScreen)),
  trial: chunk(() => import('./features/book/parts').then((m) => m.TrialScreen)),
  files: chunk(() => import('./features/book/parts').then((m) => m.FilesScreen)),
  writeDown: chunk(() => import('./features/book/parts').then((m) => m.WriteDownScreen)),
  cook: chunk(() => import('./features/book/parts').then((m) => m.CookScreen)),
};

/** Strips with the next step of a place, shown while another place is open. */
export const strips = {
  stove: chunk(() => import('./features/stove/StoveStrip').then((m) => m.StoveStrip)),
  pass: chunk(() => import('./features/pass/PassStrip').then((m) => m.PassStrip)),
};

/** Fetches what is not here yet, one after another, so that going there later waits for nothing. */
export const fetchPlaces = (): void => {
  const fetchAll = async (): Promise<void> => {
    for (const { load } of Object.values(places)) await load().catch(() => undefined);
  };
  void fetchAll();
};
