import { keptKitchenSchema } from '@crustan/core/formats/bookFile';
import { z } from 'zod';
import { keep, recall } from './device';
import { kitchenBrought } from './kitchenSlice';
import type { AppStore } from './store';

/** A slider that still moves is not sent yet; without an answer it is tried again, ms. */
const SETTLES = 800;
const TRIED_AGAIN = 20_000;

const ADDRESS = '/api/kitchen';

/**
 * Keeps the kitchen with the book, so that every phone and every backup has it: the latest change
 * stands. Without a server this device's own goes on.
 * @returns stops keeping it there
 */
export const syncKitchen = (store: AppStore): (() => void) => {
  let changedAt = recall('kitchenAt', (value) => z.int().safeParse(value).data) ?? 0;
  let last = store.getState().kitchen;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let stopped = false;
  let bringing = false;

  const later = (ms: number, work: () => Promise<void>): void => {
    clearTimeout(timer);
    if (!stopped) timer = setTimeout(() => void work().catch(() => later(TRIED_AGAIN, work)), ms);
  };
  const bring = (answer: unknown): void => {
    const kept = keptKitchenSchema.safeParse(answer).data;
    if (!kept || kept.changedAt <= changedAt) return;
    changedAt = kept.changedAt;
    keep('kitchenAt', changedAt);
    bringing = true;
    store.dispatch(kitchenBrought(kept.kitchen));
    bringing = false;
  };
  const send = async (): Promise<void> => {
    const answer = await fetch(ADDRESS, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ kitchen: last, changedAt }),
    });
    if (answer.ok) bring(await answer.json());
  };
  const ask = async (): Promise<void> => {
    const answer = await fetch(ADDRESS);
    // A kitchen that was set up here before the book kept any is given to it.
    if (answer.status === 204 && changedAt > 0) await send();
    else if (answer.ok && answer.status !== 204) bring(await answer.json());
  };
  const unsubscribe = store.subscribe(() => {
    const { kitchen } = store.getState();
    if (kitchen === last) return;
    last = kitchen;
    // What came from the book is not sent back to it.
    if (bringing) return;
    changedAt = Date.now();
    keep('kitchenAt', changedAt);
    later(SETTLES, send);
  });
  later(0, ask);
  return () => {
    stopped = true;
    clearTimeout(timer);
    unsubscribe();
  };
};
