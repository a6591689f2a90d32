import { z } from 'zod';
import { cookEventSchema } from '@crustan/core/formats/cookEventSchema';
import { cookStartSchema } from '@crustan/core/formats/messages';
import { saveLocal, loadLocal } from './device';
import { LogDatabase, type Recalled } from './logDatabase';
import { bookNamed, entriesKept, logRecalled, streamPutAway, streamShared } from './logSlice';
import { UNNAMED_BOOK, type Unreadable } from './logState';
import { selectBook, selectStreams } from './logSelectors';
import { isKnown, type KeptEntry, type LogStream } from './logStream';
import { onChange } from './onChange';
import { loadPending, savePending } from './pendingEntries';
import { passRecalled, selectLeft, serviceLeft } from './passSlice';
import type { AppStore } from './store';
import { t } from '../t';

/** Pages of one device tell one another here what they have written. */
const CHANNEL = 'crustan-log';
const newsSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('changed'), stream: z.string() }),
  z.object({ kind: z.literal('put-away'), stream: z.string(), entries: z.array(z.string()) }),
]);
type News = z.infer<typeof newsSchema>;

/** A device that did not keep something is asked again, ms. */
const TRIED_AGAIN = 5000;

/** State of an entry on the disk beside the entry itself. A change is stored again. */
const stateOf = ({ book = '', seq = 0, refused = '' }: KeptEntry): string =>
  `${book} ${seq} ${refused}`;

/** Format of the first pages: every cook whole, in one value. */
const firstKeptSchema = cookStartSchema.strip().extend({
  events: z.array(cookEventSchema),
  startKnown: z.boolean(),
  known: z.array(z.string()),
});

/** Reads the cooks of the first pages one by one. A bad one does not affect the others. */
const firstKept = (): Recalled => {
  const whole = z.array(z.unknown());
  const kept =
    loadLocal('cooks', (value) => whole.safeParse(value).data) ??
    loadLocal('cook', (value) => [value]) ??
    [];
  const unreadable: Unreadable[] = [];
  const streams = kept.flatMap((value): LogStream[] => {
    const parsed = firstKeptSchema.safeParse(value);
    if (!parsed.success) {
      const why = parsed.error.issues[0]?.message ?? 'unknown';
      unreadable.push({ where: t('a-cook-of-an-earlier-version'), why, value });
      return [];
    }
    const { id, startedAt: at, plan, together, events, startKnown, known } = parsed.data;
    const opened = { id, kind: 'opened', at, plan, ...(together ? { together } : {}) } as const;
    const entries = [opened, ...events].map((event): KeptEntry => {
      const inBook = event.kind === 'opened' ? startKnown : known.includes(event.id);
      return {
        entry: { of: 'cook', stream: id, device: '', event },
        ...(inBook ? { book: UNNAMED_BOOK } : {}),
      };
    });
    return [{ of: 'cook', id, entries }];
  });
  return { streams, unreadable };
};

const knownBookSchema = z.object({ name: z.string(), replaces: z.array(z.string()) });

/** Service that is open on this device: on all of its pages. */
const openOnDevice = (): string | undefined =>
  loadLocal('service', (value) => z.string().safeParse(value).data);

const recallOpen = (store: AppStore): void => {
  const open = openOnDevice();
  if (open !== undefined) store.dispatch(passRecalled(open));
};

/** Remembers which book answers, and which service is open here. @returns stops it */
const keepPlace = (store: AppStore): (() => void) => {
  // An older page stored only the name of the logbook.
  const book =
    loadLocal('log-book', (value) => knownBookSchema.safeParse(value).data) ??
    loadLocal('book', (value) => {
      const name = z.string().safeParse(value).data;
      return name === undefined ? undefined : { name, replaces: [] };
    });
  if (book) store.dispatch(bookNamed(book));
  recallOpen(store);
  let open = store.getState().pass.open;
  const stops = [
    onChange(store, selectBook, (now) => saveLocal('log-book', now)),
    onChange(
      store,
      ({ pass }) => pass.open,
      (now) => {
        // Another page of this device may have opened the next one.
        if (now !== undefined || openOnDevice() === open) saveLocal('service', now);
        open = now;
      },
    ),
  ];
  return () => stops.forEach((stop) => stop());
};

/**
 * Keeps the log of this page on the device as it grows, brings back what was kept, and shares both
 * with the device's other pages.
 * @returns stops keeping
 */
export const keepLog = (store: AppStore, database = new LogDatabase()): (() => void) => {
  /** Entries on the disk, by id: their stream, and their state when they were written. */
  const written = new Map<string, { readonly stream: string; readonly state: string }>();
  const channel =
    typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel(CHANNEL);
  let stopped = false;
  let writing = false;
  let again = false;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const tell = (news: News): void => {
    if (!stopped) channel?.postMessage(news);
  };
  const note = ({ id: stream, entries }: LogStream): void => {
    for (const kept of entries) {
      written.set(kept.entry.event.id, { stream, state: stateOf(kept) });
    }
  };
  let last: Readonly<Record<string, LogStream>> = {};

  /** Entries of streams that changed since they were stored, and ids of removed ones. */
  const unwritten = (streams: Readonly<Record<string, LogStream>>) => {
    const changed: KeptEntry[] = [];
    const there = new Set<string>();
    const touched = Object.values(streams).filter((stream) => last[stream.id] !== stream);
    for (const { entries } of touched) {
      for (const kept of entries) {
        const { id } = kept.entry.event;
        there.add(id);
        if (written.get(id)?.state !== stateOf(kept)) changed.push(kept);
      }
    }
    const looked = new Set([
      ...touched.map(({ id }) => id),
      ...Object.keys(last).filter((id) => streams[id] === undefined),
    ]);
    const dropped = [...written].flatMap(([id, { stream }]) =>
      looked.has(stream) && !there.has(id) ? [id] : [],
    );
    return { changed, dropped };
  };

  const writeOnce = async (): Promise<boolean> => {
    const streams = selectStreams(store.getState());
    const { changed, dropped } = unwritten(streams);
    const before = last;
    last = streams;
    if (changed.length + dropped.length === 0) return true;
    const ids = changed.map(({ entry }) => entry.event.id);
    try {
      await database.keep(changed, dropped);
    } catch {
      last = before;
      store.dispatch(entriesKept({ kept: [], notKept: ids }));
      return false;
    }
    for (const kept of changed) {
      const { event, stream } = kept.entry;
      written.set(event.id, { stream, state: stateOf(kept) });
    }
    const putAway = new Map<string, string[]>();
    for (const id of dropped) {
      const stream = written.get(id)?.stream;
      written.delete(id);
      if (stream === undefined || streams[stream]) continue;
      putAway.set(stream, [...(putAway.get(stream) ?? []), id]);
    }
    store.dispatch(entriesKept({ kept: ids, notKept: [] }));
    for (const stream of new Set(changed.map(({ entry }) => entry.stream))) {
      tell({ kind: 'changed', stream });
    }
    for (const [stream, entries] of putAway) tell({ kind: 'put-away', stream, entries });
    return true;
  };

  const write = async (): Promise<void> => {
    again = true;
    if (writing || stopped) return;
    writing = true;
    let all = true;
    while (again) {
      again = false;
      all = await writeOnce();
    }
    writing = false;
    clearTimeout(timer);
    if (!all && !stopped) timer = setTimeout(() => void write(), TRIED_AGAIN);
  };

  // Read before the first press of this page overwrites it.
  const interrupted = loadPending();
  const keepPending = (): void => {
    const { streams, writing } = store.getState().log;
    savePending(streams, writing);
  };
  const begin = async (): Promise<void> => {
    const first = firstKept();
    let kept: Recalled;
    try {
      kept = await database.recall();
      kept.streams.forEach(note);
    } catch {
      // No database on this device: steps exist on this page only, and the page shows a warning.
      kept = { streams: [], unreadable: [] };
    }
    if (stopped) return;
    const earlier = first.streams.filter(({ id }) => !kept.streams.some((one) => one.id === id));
    store.dispatch(
      logRecalled({
        streams: [...kept.streams, ...earlier],
        unreadable: [...kept.unreadable, ...first.unreadable],
      }),
    );
    if (kept.openBefore !== undefined) store.dispatch(passRecalled(kept.openBefore));
    for (const entry of interrupted) {
      store.dispatch(streamShared({ of: entry.of, id: entry.stream, entries: [{ entry }] }));
    }
    await write();
    keepPending();
    // The value of the first pages is deleted once every cook in it is in the database; an unreadable one stays.
    const moved = store.getState().log.notKept.length === 0 && first.unreadable.length === 0;
    if (moved) {
      saveLocal('cooks', undefined);
      saveLocal('cook', undefined);
    }
  };

  const hear = async (message: MessageEvent<unknown>): Promise<void> => {
    const news = newsSchema.safeParse(message.data).data;
    if (!news) return;
    if (news.kind === 'put-away') {
      for (const [id, { stream }] of written) if (stream === news.stream) written.delete(id);
      const { streams, book } = store.getState().log;
      const mine = streams[news.stream]?.entries ?? [];
      const hasUnsent = mine.some(
        (kept) => !isKnown(kept, book) && !news.entries.includes(kept.entry.event.id),
      );
      // Entries of this page only stay, and the whole stream is stored again.
      if (!hasUnsent) {
        if (store.getState().pass.open === news.stream) store.dispatch(serviceLeft());
        store.dispatch(streamPutAway({ stream: news.stream, saved: true }));
      } else {
        last = { ...last, [news.stream]: { of: 'cook', id: news.stream, entries: [] } };
        await write();
      }
      return;
    }
    const stream = await database.recallStream(news.stream);
    if (!stream || stopped) return;
    note(stream);
    recallOpen(store);
    store.dispatch(streamShared(stream));
  };
  channel?.addEventListener('message', (message) => void hear(message).catch(() => undefined));

  const stops = [
    keepPlace(store),
    onChange(store, ({ log }) => log.writing, keepPending),
    onChange(store, selectStreams, () => void write()),
    // Streams that the page has left are removed once the logbook has every entry.
    onChange(store, selectLeft, (left) => {
      for (const stream of left) store.dispatch(streamPutAway({ stream }));
    }),
  ];
  void begin();
  return () => {
    stopped = true;
    clearTimeout(timer);
    stops.forEach((stop) => stop());
    channel?.close();
  };
};
