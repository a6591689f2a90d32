import { useEffect, useRef } from 'react';
import { formatDuration } from '@crustan/core/units';
import { clockSpeed } from '../store/clock';
import { called, type Called } from '../store/callsSlice';
import { useAppSelector, useAppStore } from '../store/store';
import { notify, say } from '../ui/attention';
import { beep, buzz, type Call } from '../ui/calls';
import { setVolume } from '../ui/sound';
import { callDue, type CallTime } from './callDue';
import { t } from '../t';

/** Something to do that is called when it is due. */
export interface Callable {
  /** The same while it is the same thing to do, though its time moves. */
  readonly key: string;
  /** Of several that one piece has overdue, the last is called. */
  readonly piece: string;
  /** ms since 1970, by the kitchen's clock. */
  readonly dueAt: number;
  /** Moved by more than this after its call, it is called again, s. */
  readonly toleranceS: number;
  readonly call: Call;
  readonly words: () => string;
}

/** A call later than this is spoken as overdue, s. */
const OVERDUE_S = 30;

interface DueCall {
  readonly callable: Callable;
  readonly time: CallTime;
}

/**
 * Calls the cook at the head start before each thing to do and when it is due: each due time once, again if
 * it moves by more than its tolerance, and late if the page slept over it.
 * @param callables those to come, in the order of their time for each piece
 * @param now ms since 1970, by the kitchen's clock
 */
export const useCalls = (callables: readonly Callable[], now: number): void => {
  const attention = useAppSelector((state) => state.attention);
  const store = useAppStore();
  const looked = useRef(now);
  useEffect(() => setVolume(attention.volume), [attention.volume]);
  useEffect(() => {
    const speed = clockSpeed();
    const sinceLast = (now - looked.current) / 1000 / speed;
    looked.current = now;
    const { headStart } = attention;
    const { calls: made } = store.getState();
    const fresh: Record<string, Called> = {};
    const due = callables.flatMap((callable): readonly DueCall[] => {
      const { key, dueAt, toleranceS } = callable;
      const before = made[key] ?? {};
      const time = callDue(before, { dueAt, now, headStart, sinceLast, toleranceS, speed });
      if (time === undefined) return [];
      // A late call counts for the present moment: a step that is then due now is not called again.
      fresh[key] = { ...before, [time]: Math.max(dueAt, time === 'now' ? now : dueAt) };
      return [{ callable, time }];
    });
    if (due.length === 0) return;
    store.dispatch(called({ calls: fresh, at: now }));
    const pieces = [...new Set(due.map(({ callable }) => callable.piece))];
    for (const piece of pieces) {
      const mine = due.filter(({ callable }) => callable.piece === piece);
      const last = mine.findLast(({ time }) => time === 'now') ?? mine[0];
      if (!last) continue;
      const { callable, time } = last;
      const late = (now - callable.dueAt) / 1000 / speed;
      const words = callable.words();
      const text =
        time === 'soon'
          ? t('soon', { words })
          : late > OVERDUE_S
            ? t('overdue-by', { duration: formatDuration(late), words })
            : words;
      const call = time === 'now' ? callable.call : 'soon';
      if (attention.sound) beep(call);
      if (attention.vibration) buzz(call);
      if (attention.voice) say(text);
      if (attention.notification) void notify(text);
    }
  }, [callables, now, attention, store]);
};
