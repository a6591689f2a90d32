import { createElement, useEffect, useState, type ComponentType, type ReactNode } from 'react';

/**
 * A place whose script is a chunk of its own. Not by suspending: React holds back what has been
 * suspended for 300 ms, and a tap is answered sooner.
 */
const place = <P extends object>(fetchScreen: () => Promise<ComponentType<P>>) => {
  let here: ComponentType<P> | undefined;
  const load = async (): Promise<ComponentType<P>> => {
    here ??= await fetchScreen();
    return here;
  };
  const Screen = (props: P): ReactNode => {
    const [found, setFound] = useState(() => here);
    const [failed, setFailed] = useState<Error>();
    useEffect(() => {
      if (found) return;
      let live = true;
      load().then(
        (screen) => live && setFound(() => screen),
        (error: unknown) =>
          live && setFailed(error instanceof Error ? error : new Error(String(error))),
      );
      return () => {
        live = false;
      };
    }, [found]);
    // The page's own boundary says what to do when a chunk did not come.
    if (failed) throw failed;
    return found ? createElement(found, props) : null;
  };
  return { load, Screen };
};

/**
 * The places other than Plan. Plan is where everyone begins: it comes with the first load.
 */
export const places = {
  stove: place(() => import('./features/stove/StoveScreen').then((m) => m.StoveScreen)),
  practice: place(() =>
    import('./features/stove/practice/PracticeScreen').then((m) => m.PracticeScreen),
  ),
  book: place(() => import('./features/book/parts').then((m) => m.BookScreen)),
  kitchen: place(() => import('./features/kitchen/KitchenScreen').then((m) => m.KitchenScreen)),
  learned: place(() => import('./features/book/parts').then((m) => m.LearnedScreen)),
  trends: place(() => import('./features/book/parts').then((m) => m.TrendsScreen)),
  trials: place(() => import('./features/book/parts').then((m) => m.TrialsScreen)),
  trial: place(() => import('./features/book/parts').then((m) => m.TrialScreen)),
  files: place(() => import('./features/book/parts').then((m) => m.FilesScreen)),
  writeDown: place(() => import('./features/book/parts').then((m) => m.WriteDownScreen)),
  cook: place(() => import('./features/book/parts').then((m) => m.CookScreen)),
};

/** Fetches what is not here yet, one after another, so that going there later waits for nothing. */
export const fetchPlaces = (): void => {
  const fetchAll = async (): Promise<void> => {
    for (const { load } of Object.values(places)) await load().catch(() => undefined);
  };
  void fetchAll();
};
