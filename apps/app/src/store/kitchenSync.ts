import { z } from 'zod';
import type { KeptKitchen } from '@crustan/core/formats/keptKitchenSchema';
import { DEFAULT_KITCHEN, kitchenSchema, type Kitchen } from '@crustan/core/formats/kitchen';
import { bookApi, describeFailure } from './bookApi';
import { saveLocal, loadLocal } from './device';
import { kitchenBrought } from './kitchenSlice';
import { kitchenOffered } from './reachSlice';
import { onChange } from './onChange';
import { mergeKitchen } from './mergeKitchen';
import type { AppStore } from './store';

/** A slider that still moves is not sent yet; what failed is tried again later each time, ms. */
const SETTLES = 800;
const FIRST_WAIT = 3000;
const LONGEST_WAIT = 60_000;
/** Interval at which changes by other phones are requested, ms. */
const ASKED_EVERY = 60_000;

/** The logbook's values are requested again each time, and not cached. */
const NOT_CACHED = { forceRefetch: true, subscribe: false } as const;

/** The kitchen as the logbook had it when this phone last heard, and which version that was. */
const baseSchema = z.object({ kitchen: kitchenSchema, version: z.int().min(0) });
type Base = z.infer<typeof baseSchema>;

/** Two phones that change the kitchen at once meet within a few rounds. */
const MOST_MERGES = 5;

/**
 * The last kitchen that a page of an earlier version received is unknown: it had the kitchen with the later clock,
 * therefore nothing here is unsent if the logbook's is later.
 */
const firstBase = (mine: Kitchen, changedAt: number): Kitchen => {
  const at = loadLocal('kitchenAt', (value) => z.int().safeParse(value).data);
  return at !== undefined && changedAt >= at ? mine : DEFAULT_KITCHEN;
};

const same = (a: Kitchen, b: Kitchen): boolean => JSON.stringify(a) === JSON.stringify(b);

/**
 * Stores the kitchen with the logbook, so that every phone and every backup has it. A change names the version on
 * which it was made; if another phone was first, both changes are merged field by field and sent again. Values that
 * differ from the logbook's last ones are unsent: they are stored on this device with their version, also through a
 * reload without a server.
 * @returns a function that stops the synchronization
 */
export const syncKitchen = (store: AppStore): (() => void) => {
  let base = loadLocal('kitchenBase', (value) => baseSchema.safeParse(value).data);
  let seen = store.getState().kitchen;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let stopped = false;
  let working = false;
  let fails = 0;

  const rebase = (next: Base): void => {
    base = next;
    saveLocal('kitchenBase', next);
  };
  const later = (ms: number, asked: boolean): void => {
    clearTimeout(timer);
    if (!stopped) timer = setTimeout(() => void work(asked), ms);
  };
  /** Applies the logbook's kitchen, with the unsent changes of this device on top. */
  const bring = ({ kitchen: theirs, changedAt }: KeptKitchen, version: number): void => {
    const mine = store.getState().kitchen;
    const from = base?.kitchen ?? firstBase(mine, changedAt);
    const merged = mergeKitchen(from, mine, theirs);
    rebase({ kitchen: theirs, version });
    if (same(merged, mine)) return;
    seen = merged;
    store.dispatch(kitchenBrought(merged));
  };
  const ask = async (): Promise<void> => {
    const { kept, version } = await store
      .dispatch(bookApi.endpoints.kitchen.initiate(undefined, NOT_CACHED))
      .unwrap();
    if (kept?.recovered && base) {
      // This device has a valid kitchen: it is sent in place of the unreadable one, and the logbook's last is offered.
      store.dispatch(kitchenOffered(kept.kitchen));
      rebase({ kitchen: kept.kitchen, version });
    } else if (kept) bring(kept, version);
    else rebase({ kitchen: DEFAULT_KITCHEN, version });
  };
  /** @returns whether the logbook has it; false when another phone was first */
  const send = async (version: number): Promise<boolean> => {
    const { kitchen } = store.getState();
    const sent = await store.dispatch(
      bookApi.endpoints.keepKitchen.initiate({ kitchen, version }, { track: false }),
    );
    if (sent.error === undefined) {
      rebase({ kitchen, version: sent.data });
      return true;
    }
    if ('status' in sent.error && sent.error.status === 412) return false;
    throw new Error(describeFailure(sent.error));
  };
  const work = async (asked: boolean): Promise<void> => {
    if (working || stopped) return;
    working = true;
    try {
      if (asked || base === undefined) await ask();
      for (let i = 0; i < MOST_MERGES && base && !same(store.getState().kitchen, base.kitchen);) {
        i += 1;
        if (!(await send(base.version))) await ask();
      }
      fails = 0;
      later(ASKED_EVERY, true);
    } catch {
      later(Math.min(LONGEST_WAIT, FIRST_WAIT * 2 ** fails), true);
      fails += 1;
    }
    working = false;
  };
  const unsubscribe = onChange(
    store,
    ({ kitchen }) => kitchen,
    (kitchen) => {
      if (kitchen === seen) return;
      seen = kitchen;
      later(SETTLES, false);
    },
  );
  const wake = (): void => {
    if (document.visibilityState === 'visible') void work(true);
  };
  window.addEventListener('online', wake);
  document.addEventListener('visibilitychange', wake);
  void work(true);
  return () => {
    stopped = true;
    clearTimeout(timer);
    unsubscribe();
    window.removeEventListener('online', wake);
    document.removeEventListener('visibilitychange', wake);
  };
};
