import { useEffect, useMemo, useState } from 'react';
import { proxy, wrap, type Remote } from 'comlink';
import { loggedCookOf } from '@crustan/core/formats/loggedCookOf';
import type { CookRecord } from '@crustan/core/formats';
import type { Forgotten, LearnProgress } from '@crustan/core/learn/learnKitchen';
import type { Lessons, LearnService } from './learn.worker';

let worker: Remote<LearnService> | undefined;
const learnWorker = (): Remote<LearnService> => {
  worker ??= wrap<LearnService>(
    new Worker(new URL('./learn.worker', window.location.href), { name: 'learn' }),
  );
  return worker;
};

/** The last answer, by what it was asked: going back to the page costs nothing. */
let known: { readonly key: string; readonly lessons: Lessons } | undefined;

export type Learning =
  /** Share done, from 0 to 1. */
  | { readonly kind: 'learning'; readonly share: number }
  | { readonly kind: 'learned'; readonly lessons: Lessons }
  | { readonly kind: 'failed' };

/** What the newest cooks teach, found in a worker and dropped when the page is left. */
export const useLessons = (
  cooks: readonly CookRecord[] | undefined,
  forgotten: Forgotten,
): Learning => {
  const key = useMemo(
    () =>
      cooks &&
      JSON.stringify([
        forgotten,
        cooks.map(({ id, events, judgement }) => [id, events.length, judgement?.endTemperature]),
      ]),
    [cooks, forgotten],
  );
  const [state, setState] = useState<{ readonly key: string; readonly learning: Learning }>();
  useEffect(() => {
    if (!cooks || key === undefined || known?.key === key) return;
    let live = true;
    const say = (learning: Learning): void => {
      if (live) setState({ key, learning });
    };
    learnWorker()
      .learn(
        cooks.map(loggedCookOf),
        forgotten,
        proxy(({ done, total }: LearnProgress) => say({ kind: 'learning', share: done / total })),
      )
      .then(
        (lessons) => {
          if (!lessons) return;
          known = { key, lessons };
          say({ kind: 'learned', lessons });
        },
        () => say({ kind: 'failed' }),
      );
    return () => {
      live = false;
      void learnWorker().drop();
    };
  }, [cooks, forgotten, key]);
  if (known && known.key === key) return { kind: 'learned', lessons: known.lessons };
  return state && state.key === key ? state.learning : { kind: 'learning', share: 0 };
};
