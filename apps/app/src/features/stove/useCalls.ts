import { useEffect, useRef } from 'react';
import { clockSpeed } from '../../store/clock';
import { useAppSelector } from '../../store/store';
import type { LiveCook } from './liveCook';
import type { DueStep } from '@crustan/core/cook/cookState';
import { notify, say } from '../../ui/attention';
import { beep, buzz, type Call } from '../../ui/calls';

/** The pattern of each step: turning, moving and taking out are told apart by ear. */
const CALL_OF: Readonly<Record<DueStep['kind'], Call>> = {
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
  judge: 'next',
};

/**
 * Calls the cook: once the head start before a thing is due, and once when it is. Each step is
 * called once, whatever the screen does meanwhile.
 */
export const useCalls = (due: LiveCook | undefined, words: string, now: number): void => {
  const step = due?.current;
  const attention = useAppSelector((state) => state.attention);
  const called = useRef(new Set<string>());
  const key = due && step && `${due.cook.id} ${step.kind} ${step.leg ?? ''} ${step.turn ?? ''}`;
  const dueAt = step?.dueAt;
  useEffect(() => {
    if (key === undefined || dueAt === undefined || !step || step.kind === 'judge') return;
    const left = (dueAt - now) / 1000 / clockSpeed();
    // Long overdue is no news: the page was opened late.
    if (left > attention.headStart || left < -30) return;
    const isNow = left <= 0.5;
    const name = `${key} ${isNow ? 'now' : 'soon'}`;
    if (called.current.has(name)) return;
    called.current.add(name);
    const call = isNow ? CALL_OF[step.kind] : 'soon';
    const text = isNow ? words : `Soon: ${words}`;
    if (attention.sound) beep(call);
    if (attention.vibration) buzz(call);
    if (attention.voice) say(text);
    if (attention.notification) void notify(text);
  }, [key, dueAt, step, now, attention, words]);
};
