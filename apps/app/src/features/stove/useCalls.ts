import { useEffect, useRef } from 'react';
import type { DueStep } from '@crustan/core/cook/cookState';
import { sayDuration } from '@crustan/core/units';
import { clockSpeed } from '../../store/clock';
import { useAppSelector } from '../../store/store';
import { notify, say } from '../../ui/attention';
import { beep, buzz, type Call } from '../../ui/calls';
import { CALL_TOLERANCE_S, callDue, type Called, type CallTime } from './callsDue';
import type { LiveCook } from './liveCook';

/** The pattern of each step: turning, moving and taking out are told apart by ear. */
const CALL_OF: Readonly<Record<Exclude<DueStep['kind'], 'judge'>, Call>> = {
  heat: 'next',
  in: 'move',
  flat: 'turn',
  turn: 'turn',
  butter: 'next',
  edges: 'turn',
  'into-oven': 'move',
  out: 'move',
  lift: 'move',
  back: 'move',
  pull: 'out',
  slice: 'next',
};

/** A call later than this is spoken as overdue, s. */
const OVERDUE_S = 30;

type CalledStep = DueStep & { readonly kind: Exclude<DueStep['kind'], 'judge'> };
const isCalled = (step: DueStep): step is CalledStep => step.kind !== 'judge';

/** Steps of a cook that are called: the present one and all that are still to come. */
const stepsOf = ({ current, state: { left } }: LiveCook): readonly CalledStep[] =>
  (left.includes(current) ? left : [current, ...left]).filter(isCalled);

interface DueCall {
  readonly live: LiveCook;
  readonly step: CalledStep;
  readonly time: CallTime;
}

/**
 * Calls the cook at the head start before each step of every piece and when it is due: each due time once, again if
 * it moves by more than the step's tolerance, and late if the page slept over it. Of several steps that a piece has
 * overdue, the last is called.
 */
export const useCalls = (
  cooks: readonly LiveCook[],
  wordsOf: (live: LiveCook, step: DueStep) => string,
  now: number,
): void => {
  const attention = useAppSelector((state) => state.attention);
  const called = useRef(new Map<string, Called>());
  const looked = useRef(now);
  useEffect(() => {
    const speed = clockSpeed();
    const sinceLast = (now - looked.current) / 1000 / speed;
    looked.current = now;
    const calls = cooks.flatMap((live): readonly DueCall[] => {
      const due = stepsOf(live).flatMap((step): readonly DueCall[] => {
        const { kind, leg, turn, dueAt } = step;
        const key = `${live.cook.id} ${kind} ${leg ?? ''} ${turn ?? ''}`;
        const before = called.current.get(key) ?? {};
        const { headStart } = attention;
        const toleranceS = CALL_TOLERANCE_S[kind];
        const time = callDue(before, { dueAt, now, headStart, sinceLast, toleranceS, speed });
        if (time === undefined) return [];
        called.current.set(key, { ...before, [time]: dueAt });
        return [{ live, step, time }];
      });
      const last = due.findLast(({ time }) => time === 'now') ?? due[0];
      return last ? [last] : [];
    });
    for (const { live, step, time } of calls) {
      const late = (now - step.dueAt) / 1000 / speed;
      const words = wordsOf(live, step);
      const text =
        time === 'soon'
          ? `Soon: ${words}`
          : late > OVERDUE_S
            ? `Overdue by ${sayDuration(late)}: ${words}`
            : words;
      const call = time === 'now' ? CALL_OF[step.kind] : 'soon';
      if (attention.sound) beep(call);
      if (attention.vibration) buzz(call);
      if (attention.voice) say(text);
      if (attention.notification) void notify(text);
    }
  }, [cooks, now, attention, wordsOf]);
};
