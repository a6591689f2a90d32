import { z } from 'zod';
import { firstKeptSchema, type ActiveCook } from './activeCook';
import { keep, recall } from './device';
import { onChange } from './onChange';
import { PressStore, type PressRecord, type Unreadable } from './pressStore';
import { cookPutAway, cookShared, pressesKept, stoveRecalled, selectCooks } from './stoveSlice';
import type { AppStore } from './store';

/** Pages of one device tell one another here what they have written. */
const CHANNEL = 'crustan-presses';
const newsSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('changed'), cook: z.string() }),
  z.object({ kind: z.literal('put-away'), cook: z.string() }),
]);
type News = z.infer<typeof newsSchema>;

/** A device that did not keep something is asked again, ms. */
const TRIED_AGAIN = 5000;

const recordOf = (cook: ActiveCook, id: string): PressRecord | undefined => {
  const event = cook.events.find((one) => one.id === id);
  if (!event) return undefined;
  const why = cook.refused[id];
  const known = cook.known.includes(id);
  return { id, cook: cook.id, event, known, ...(why === undefined ? {} : { refused: why }) };
};

/** What is written of an event, as a word: written again when it changes. */
const stateOf = (cook: ActiveCook, id: string): string =>
  cook.known.includes(id) ? 'known' : (cook.refused[id] ?? 'waits');
const stateOfStart = ({ startKnown }: ActiveCook): string => (startKnown ? 'known' : 'waits');

/** What the first pages kept in one value, a cook at a time: one bad one leaves the others. */
const firstKept = (): { cooks: readonly ActiveCook[]; unreadable: readonly Unreadable[] } => {
  const whole = z.array(z.unknown());
  const kept =
    recall('cooks', (value) => whole.safeParse(value).data) ??
    recall('cook', (value) => [value]) ??
    [];
  const unreadable: Unreadable[] = [];
  const cooks = kept.flatMap((value): ActiveCook[] => {
    const parsed = firstKeptSchema.safeParse(value);
    if (parsed.success) return [{ ...parsed.data, refused: {} }];
    unreadable.push({
      where: 'a cook of an earlier version',
      why: parsed.error.issues[0]?.message ?? 'unknown',
      value,
    });
    return [];
  });
  return { cooks, unreadable };
};

/**
 * Keeps the presses of this page on the device as they come, brings back what was kept, and shares
 * both with the device's other pages.
 * @returns stops keeping
 */
export const keepPresses = (store: AppStore, presses = new PressStore()): (() => void) => {
  /** What is on the disk, by event and by cook: what it was when it was written. */
  const written = new Map<string, string>();
  const channel =
    typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel(CHANNEL);
  let stopped = false;
  let writing = false;
  let again = false;
  let last: readonly ActiveCook[] = [];
  let timer: ReturnType<typeof setTimeout> | undefined;
  const tell = (news: News): void => {
    if (!stopped) channel?.postMessage(news);
  };
  const note = (cook: ActiveCook): void => {
    written.set(cook.id, stateOfStart(cook));
    for (const { id } of cook.events) written.set(id, stateOf(cook, id));
  };

  const writeCook = async (cook: ActiveCook): Promise<boolean> => {
    const { id, startedAt, plan, together, startKnown } = cook;
    const changed = cook.events
      .map((event) => event.id)
      .filter((event) => written.get(event) !== stateOf(cook, event));
    const begun = written.get(id) !== stateOfStart(cook);
    if (changed.length === 0 && !begun) return true;
    try {
      const start = { id, startedAt, plan, ...(together ? { together } : {}), startKnown };
      await presses.keep(
        begun ? [start] : [],
        changed.flatMap((event) => recordOf(cook, event) ?? []),
      );
    } catch {
      store.dispatch(pressesKept({ kept: [], notKept: changed }));
      return false;
    }
    if (begun) written.set(id, stateOfStart(cook));
    for (const event of changed) written.set(event, stateOf(cook, event));
    store.dispatch(pressesKept({ kept: changed, notKept: [] }));
    tell({ kind: 'changed', cook: id });
    return true;
  };

  const write = async (): Promise<void> => {
    again = true;
    if (writing || stopped) return;
    writing = true;
    let all = true;
    while (again) {
      again = false;
      const cooks = selectCooks(store.getState());
      for (const { id } of last.filter((was) => !cooks.some((is) => is.id === was.id))) {
        // Put away: its records are deleted from the device.
        await presses.forget(id).catch(() => undefined);
        tell({ kind: 'put-away', cook: id });
      }
      last = cooks;
      all = true;
      for (const cook of cooks) all = (await writeCook(cook)) && all;
    }
    writing = false;
    clearTimeout(timer);
    if (!all && !stopped) timer = setTimeout(() => void write(), TRIED_AGAIN);
  };

  const begin = async (): Promise<void> => {
    const first = firstKept();
    let kept: { cooks: readonly ActiveCook[]; unreadable: readonly Unreadable[] };
    try {
      kept = await presses.recall();
      kept.cooks.forEach(note);
    } catch {
      // No database on this device: what is pressed is on this page alone, and said to be.
      kept = { cooks: [], unreadable: [] };
    }
    if (stopped) return;
    const earlier = first.cooks.filter(({ id }) => !kept.cooks.some((cook) => cook.id === id));
    store.dispatch(
      stoveRecalled({
        cooks: [...kept.cooks, ...earlier],
        unreadable: [...kept.unreadable, ...first.unreadable],
      }),
    );
    await write();
    // The first pages' value goes once every cook of it is in the database; a bad one keeps it.
    const moved = store.getState().stove.notKept.length === 0 && first.unreadable.length === 0;
    if (moved) {
      keep('cooks', undefined);
      keep('cook', undefined);
    }
  };

  const hear = async (message: MessageEvent<unknown>): Promise<void> => {
    const news = newsSchema.safeParse(message.data).data;
    if (!news) return;
    if (news.kind === 'put-away') {
      last = last.filter(({ id }) => id !== news.cook);
      store.dispatch(cookPutAway({ cook: news.cook, saved: true }));
      return;
    }
    const cook = await presses.recallCook(news.cook);
    if (!cook || stopped) return;
    note(cook);
    store.dispatch(cookShared(cook));
  };
  channel?.addEventListener('message', (message) => void hear(message).catch(() => undefined));

  const unsubscribe = onChange(store, selectCooks, () => void write());
  void begin();
  return () => {
    stopped = true;
    clearTimeout(timer);
    unsubscribe();
    channel?.close();
  };
};
