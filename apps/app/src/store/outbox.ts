import type { LogEntry } from '@crustan/core/formats/logSchema';
import { bookApi } from './bookApi';
import { deviceName } from './deviceName';
import {
  bookNamed,
  entriesAcknowledged,
  entriesRefused,
  sendingDelayed,
  streamGone,
} from './logSlice';
import { hasWaiting, selectBook, selectStreams } from './logSelectors';
import { isWaiting, type KnownBook, type LogStream } from './logStream';
import { onChange } from './onChange';
import { sendOutcome, type SendOutcome } from './sendOutcome';
import type { AppStore } from './store';

/** The first wait after a sending failed, and the longest, ms; each is twice the one before. */
const FIRST_WAIT = 1500;
const LONGEST_WAIT = 60_000;
/** A wait is drawn up to a quarter shorter, so that phones do not come all at once. */
const SPREAD = 0.25;
const BATCH = 100;
/** Lock of the page that sends for all pages of a device. */
const LOCK = 'crustan-outbox';
/** Time after which the visible page sends, if the sending page was suspended by the phone, ms. */
const SENDS_FOR_ANOTHER = 6000;

/** State of a stream whose sending failed. */
interface Trying {
  readonly fails: number;
  readonly due: number;
  /** Entries sent at once. */
  readonly batch: number;
}

const FRESH: Trying = { fails: 0, due: 0, batch: BATCH };

/** A cook that was deleted waits until it is back, and what the logbook refuses to open holds the rest back. */
const hasWork = (stream: LogStream, book: KnownBook): boolean => {
  const held = stream.entries.some(
    ({ entry, refused }) => entry.event.kind === 'opened' && refused !== undefined,
  );
  return !stream.gone && !held && hasWaiting(stream, book);
};

/** Streams in the order in which they are sent: a cook's order belongs to its service. */
const inOrder = (streams: Readonly<Record<string, LogStream>>): readonly LogStream[] => {
  const all = Object.values(streams);
  return [...all.filter(({ of }) => of === 'service'), ...all.filter(({ of }) => of === 'cook')];
};

/**
 * Sends unacknowledged entries, each stream in its order, until none waits. Sending twice is harmless, therefore
 * anything unsure is sent again. A failed request is retried later, each stream by itself; an entry is set aside only
 * if the server rejects it permanently.
 * @returns stops the outbox
 */
export const runOutbox = (store: AppStore): (() => void) => {
  const trying = new Map<string, Trying>();
  let busy = false;
  let again = false;
  let stopped = false;
  let timer: ReturnType<typeof setTimeout> | undefined;

  const of = (id: string): Trying => trying.get(id) ?? FRESH;
  const wait = (id: string): void => {
    const { fails, batch } = of(id);
    const most = Math.min(LONGEST_WAIT, FIRST_WAIT * 2 ** fails);
    const due = performance.now() + most * (1 - SPREAD * Math.random());
    trying.set(id, { fails: fails + 1, due, batch });
  };

  /** Acts on the outcome of a failed sending. */
  const settle = (stream: string, sent: readonly string[], outcome: SendOutcome): void => {
    switch (outcome.kind) {
      case 'later':
        store.dispatch(sendingDelayed(outcome.why));
        wait(stream);
        return;
      case 'gone':
        store.dispatch(streamGone(stream));
        // A service is sent again after a wait, so that a logbook that refuses it is not asked without end.
        wait(stream);
        return;
      case 'events': {
        const refused = Object.fromEntries(
          [...outcome.refused].flatMap(([i, why]) =>
            sent[i] === undefined ? [] : [[sent[i], why]],
          ),
        );
        store.dispatch(entriesRefused({ stream, refused }));
        return;
      }
      case 'smaller':
      case 'refused': {
        const [only] = sent;
        if (only !== undefined && sent.length === 1) {
          store.dispatch(entriesRefused({ stream, refused: { [only]: outcome.why } }));
          trying.set(stream, { ...of(stream), batch: BATCH });
        } else {
          // Sent separately, the rejected entry is found and its neighbours are stored.
          trying.set(stream, { ...of(stream), batch: Math.max(1, Math.floor(sent.length / 2)) });
        }
      }
    }
  };

  const sendOne = async ({ id, entries }: LogStream): Promise<void> => {
    const book = selectBook(store.getState());
    const batch = entries.filter((kept) => isWaiting(kept, book)).slice(0, of(id).batch);
    const sent = batch.map(({ entry }) => entry.event.id);
    const message = batch.map(({ entry }): LogEntry =>
      entry.device === '' ? { ...entry, device: deviceName() } : entry,
    );
    try {
      const said = await store
        .dispatch(bookApi.endpoints.addToLog.initiate(message, { track: false }))
        .unwrap();
      if (book.name === undefined) store.dispatch(bookNamed({ name: said.book, replaces: [] }));
      store.dispatch(
        entriesAcknowledged({ stream: id, entries: said.acknowledged, book: said.book }),
      );
      trying.set(id, { ...FRESH, batch: of(id).batch });
      store.dispatch(sendingDelayed(undefined));
    } catch (error) {
      settle(id, sent, sendOutcome(error));
    }
  };

  const withWork = (): readonly LogStream[] => {
    const state = store.getState();
    const book = selectBook(state);
    return inOrder(selectStreams(state)).filter((stream) => hasWork(stream, book));
  };

  const send = async (): Promise<void> => {
    // A press that comes while the last answer is being read must not wait for another one.
    again = true;
    if (busy || stopped) return;
    busy = true;
    while (again && !stopped) {
      again = false;
      for (;;) {
        const now = performance.now();
        const next = withWork().find(({ id }) => of(id).due <= now);
        if (!next || stopped) break;
        await sendOne(next);
      }
    }
    busy = false;
    clearTimeout(timer);
    const due = withWork().map(({ id }) => of(id).due);
    if (due.length > 0 && !stopped) {
      timer = setTimeout(() => void send(), Math.max(0, Math.min(...due) - performance.now()));
    }
  };

  /** The network is back or the page is visible again: every wait ends. */
  const wake = (): void => {
    for (const [id, { batch }] of trying) trying.set(id, { ...FRESH, batch });
    void send();
  };
  const begin = (): (() => void) => {
    const stops = [
      onChange(store, selectStreams, () => void send()),
      onChange(store, selectBook, () => void send()),
    ];
    window.addEventListener('online', wake);
    document.addEventListener('visibilitychange', wake);
    void send();
    return () => {
      stops.forEach((stop) => stop());
      window.removeEventListener('online', wake);
      document.removeEventListener('visibilitychange', wake);
    };
  };

  const given = new AbortController();
  let end: () => void = () => undefined;
  if (navigator.locks === undefined) end = begin();
  else {
    const { signal } = given;
    const held = (): Promise<void> =>
      new Promise((release) => {
        const stop = begin();
        end = () => {
          stop();
          release();
        };
        if (stopped) end();
      });
    // Released when the page closes, or when the outbox stops: another page's outbox continues.
    navigator.locks.request(LOCK, { signal }, held).catch(() => undefined);
  }
  let waited: readonly LogStream[] = [];
  const other = setInterval(() => {
    const waiting = withWork();
    const stuck = waiting.some((stream) => waited.includes(stream));
    waited = waiting;
    if (stuck && document.visibilityState === 'visible') void send();
  }, SENDS_FOR_ANOTHER);
  return () => {
    stopped = true;
    clearInterval(other);
    clearTimeout(timer);
    given.abort();
    end();
  };
};
