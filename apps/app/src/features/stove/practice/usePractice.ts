import { useCallback, useEffect, useRef, useState } from 'react';
import { hiddenKitchen, lyingThermometer } from '@crustan/core/simulation/hiddenKitchen';
import type { PanOnBurner } from '@crustan/core/gear/pan';
import { ovenAir } from '@crustan/core/plan/ovenAir';
import type {
  JudgedPractice,
  PracticeDeed,
  PracticePiece,
  PracticeSeen,
} from '../../../workers/live.worker';
import { liveWorker } from '../../../workers/liveWorker';
import type { Lesson } from './lessons';

/** Interval of the simulation's steps, ms. */
const TICK = 250;

export interface Practice {
  /** State of every piece; empty until the kitchen is set up. */
  readonly seen: readonly PracticeSeen[];
  readonly judged: JudgedPractice | undefined;
  readonly act: (piece: number, deed: PracticeDeed) => void;
  readonly finish: () => void;
}

/** The pieces of a lesson in a kitchen drawn from a seed: one kitchen, whatever the number of pieces. */
const piecesOf = ({ pieces, ice }: Lesson, seed: number): readonly PracticePiece[] =>
  pieces.map(({ request, hidden, start, dial }) => ({
    request,
    hidden: { ...hiddenKitchen(seed), ...hidden },
    dial: dial ?? ovenAir(request) ?? request.hotOven,
    start: { ...start, ...(ice ? { reads: lyingThermometer(seed) } : {}) },
  }));

/** Runs one practice in the worker, `speed` times faster than the world; another one is another mount. */
export const usePractice = (
  lesson: Lesson,
  seed: number,
  speed: number,
  pan: PanOnBurner,
): Practice => {
  const [seen, setSeen] = useState<readonly PracticeSeen[]>([]);
  const [judged, setJudged] = useState<JudgedPractice>();
  const deeds = useRef<{ piece: number; deed: PracticeDeed }[]>([]);
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
      .practise(piecesOf(lesson, seed), pan)
      .then(() => (live ? tick() : undefined));
    return () => {
      live = false;
      clearTimeout(timer);
    };
  }, [lesson, seed, pan]);

  const act = useCallback(
    (piece: number, deed: PracticeDeed) => void deeds.current.push({ piece, deed }),
    [],
  );
  const finish = useCallback(() => {
    over.current = true;
    // The last action is sent with the request.
    void liveWorker()
      .goOn(deeds.current.splice(0), 0)
      .then(() => liveWorker().judge())
      .then((found) => setJudged(found));
  }, []);
  return { seen, judged, act, finish };
};
