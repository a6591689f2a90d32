import { useEffect, useRef } from 'react';
import { clockSpeed } from '../../store/clock';
import { useAppSelector } from '../../store/store';
import type { LiveCook } from './liveCook';
import { beep, buzz, notify, say, type Call } from '../../ui/attention';

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
    if (key === undefined || dueAt === undefined || step?.kind === 'judge') return;
    const left = (dueAt - now) / 1000 / clockSpeed();
    // Long overdue is no news: the page was opened late.
    if (left > attention.headStart || left < -30) return;
    const call: Call = left <= 0.5 ? 'now' : 'soon';
    if (called.current.has(`${key} ${call}`)) return;
    called.current.add(`${key} ${call}`);
    if (attention.sound) beep(call);
    if (attention.vibration) buzz(call);
    if (attention.voice) say(call === 'now' ? words : `Soon: ${words}`);
    if (attention.notification) void notify(call === 'now' ? words : `Soon: ${words}`);
  }, [key, dueAt, step, now, attention, words]);
};
