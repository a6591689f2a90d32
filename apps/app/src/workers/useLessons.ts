import { useEffect, useMemo, useState } from 'react';
import { proxy, wrap, type Remote } from 'comlink';
import { loggedCookOf, seenOf, type CookEyes } from '@crustan/core/formats/loggedCookOf';
import type { CookRecord } from '@crustan/core/formats';
import type { Forgotten, LearnProgress } from '@crustan/core/learn/learnKitchen';
import { keepLessons, recallLessons, type KeptLessons } from './keptLessons';
import type { Lessons, LearnService } from './learn.worker';

let worker: Remote<LearnService> | undefined;
const learnWorker = (): Remote<LearnService> => {
  worker ??= wrap<LearnService>(
    new Worker(new URL('./learn.worker', window.location.href), { name: 'learn' }),
  );
  return worker;
};

/** The last answer, by its question: returning to the page costs nothing, even on another day. */
let known: KeptLessons | undefined;
let recalled = false;
const knownLessons = (): KeptLessons | undefined => {
  if (!recalled) known = recallLessons();
  recalled = true;
  return known;
};

export type Learning =
  | { readonly kind: 'learning'; readonly progress: LearnProgress | undefined }
  | {
      readonly kind: 'learned';
      readonly lessons: Lessons;
      /** Cooks have come or changed since: they are being counted in. */
      readonly renewing?: LearnProgress | undefined;
    }
  | { readonly kind: 'failed' };

/** Calibration from the newest cooks, computed in a worker and dropped when the page is left. */
export const useLessons = (
  cooks: readonly CookRecord[] | undefined,
  forgotten: Forgotten,
  eyes: CookEyes,
): Learning => {
  const key = useMemo(
    () =>
      cooks &&
      JSON.stringify([
        forgotten,
        cooks.map((cook) => [
          cook.id,
          cook.events.length,
          cook.judgement?.endTemperature,
          cook.judgement?.crust,
          seenOf(cook, eyes),
        ]),
      ]),
    [cooks, forgotten, eyes],
  );
  const [state, setState] = useState<{
    readonly key: string;
    readonly learning: Learning | LearnProgress;
  }>();
  useEffect(() => {
    if (!cooks || key === undefined || knownLessons()?.key === key) return;
    let live = true;
    const say = (learning: Learning | LearnProgress): void => {
      if (live) setState({ key, learning });
    };
    learnWorker()
      .learn(
        cooks.map((cook) => loggedCookOf(cook, eyes)),
        forgotten,
        proxy(say),
      )
      .then(
        (lessons) => {
          if (!lessons) return;
          known = { key, lessons };
          keepLessons(known);
          say({ kind: 'learned', lessons });
        },
        () => say({ kind: 'failed' }),
      );
    return () => {
      live = false;
      void learnWorker().drop();
    };
  }, [cooks, forgotten, eyes, key]);
  const before = knownLessons();
  if (before && before.key === key) return { kind: 'learned', lessons: before.lessons };
  const now = state && state.key === key ? state.learning : undefined;
  if (now && 'kind' in now) return now;
  const progress = now ?? { done: 0, total: 0 };
  // Until the new cooks are counted in, what the others taught is shown.
  if (before && cooks) return { kind: 'learned', lessons: before.lessons, renewing: progress };
  return { kind: 'learning', progress: now };
};
