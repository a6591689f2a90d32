import { useCallback, useEffect, useRef, useState } from 'react';
import { hiddenKitchen } from '@crustan/core/simulation/hiddenKitchen';
import type { PracticeResult } from '@crustan/core/simulation/practiceKitchen';
import type { PracticeScore } from '@crustan/core/simulation/practiceScore';
import type { PanOnBurner } from '@crustan/core/gear/pan';
import type { PracticeDeed, PracticeSeen } from '../../../workers/live.worker';
import { liveWorker } from '../../../workers/liveWorker';
import type { Lesson } from './lessons';

/** How often the kitchen goes on, ms. */
const TICK = 250;

export interface Judged {
  readonly result: PracticeResult;
  readonly score: PracticeScore;
  readonly peaks: Float64Array;
  readonly heights: Float64Array;
}

export interface Practice {
  readonly seen: PracticeSeen | undefined;
  readonly judged: Judged | undefined;
  readonly act: (deed: PracticeDeed) => void;
  readonly finish: () => void;
}

/** Runs one practice in the worker, `speed` times faster than the world; another one is another mount. */
export const usePractice = (
  lesson: Lesson,
  seed: number,
  speed: number,
  pan: PanOnBurner,
): Practice => {
  const [seen, setSeen] = useState<PracticeSeen>();
  const [judged, setJudged] = useState<Judged>();
  const deeds = useRef<PracticeDeed[]>([]);
  const pace = useRef(speed);
  const over = useRef(false);

  useEffect(() => {
    pace.current = speed;
  }, [speed]);

  useEffect(() => {
    let live = true;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const tick = async (): Promise<void> => {
      const now = deeds.current;
      deeds.current = [];
      const found = await liveWorker().goOn(now, (TICK / 1000) * pace.current);
      if (!live || over.current) return;
      setSeen(found);
      timer = setTimeout(() => void tick(), TICK);
    };
    void liveWorker()
      .practise(lesson.request, hiddenKitchen(seed), pan)
      .then(() => (live ? tick() : undefined));
    return () => {
      live = false;
      clearTimeout(timer);
    };
  }, [lesson, seed, pan]);

  const act = useCallback((deed: PracticeDeed) => void deeds.current.push(deed), []);
  const finish = useCallback(() => {
    over.current = true;
    void liveWorker()
      .judge()
      .then((found) => setJudged(found));
  }, []);
  return { seen, judged, act, finish };
};
