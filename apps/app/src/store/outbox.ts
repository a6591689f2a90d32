import { waitingEvents, type ActiveCook } from './activeCook';
import { bookApi } from './bookApi';
import { onChange } from './onChange';
import { sendOutcome, type SendOutcome } from './sendOutcome';
import {
  cookGone,
  eventsAcknowledged,
  eventsRefused,
  sendingDelayed,
  startAcknowledged,
  startRefused,
  selectCooks,
} from './stoveSlice';
import type { AppStore } from './store';

/** The first wait after a sending failed, and the longest, ms; each is twice the one before. */
const FIRST_WAIT = 1500;
const LONGEST_WAIT = 60_000;
/** A wait is drawn up to a quarter shorter, so that phones do not come all at once. */
const SPREAD = 0.25;
const BATCH = 200;
/** One page of a device sends for all of them. */
const LOCK = 'crustan-outbox';
/** Where that page was put to sleep by the phone, the one that is looked at sends after so long, ms. */
const SENDS_FOR_ANOTHER = 6000;

/** What is remembered of a cook whose sending failed. */
interface Trying {
  readonly fails: number;
  readonly due: number;
  /** Events sent at once. */
  readonly batch: number;
}

const FRESH: Trying = { fails: 0, due: 0, batch: BATCH };

const hasWork = (cook: ActiveCook): boolean =>
  cook.gone === undefined &&
  cook.startRefused === undefined &&
  (!cook.startKnown || waitingEvents(cook).length > 0);

/**
 * Sends what the server has not acknowledged: the cook itself, then its events, in order, until
 * nothing waits. Sending twice is harmless, so anything unsure is sent again. What fails is tried
 * again later, each cook by itself; only what the server says it will never take is set aside.
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

  /** What becomes of one event, or of the cook's start, that failed with nothing beside it. */
  const settle = (cook: ActiveCook, sent: readonly string[], outcome: SendOutcome): void => {
    const { id } = cook;
    switch (outcome.kind) {
      case 'later':
        store.dispatch(sendingDelayed(outcome.why));
        wait(id);
        return;
      case 'gone':
        store.dispatch(cookGone(id));
        return;
      case 'events': {
        const refused = Object.fromEntries(
          [...outcome.refused].flatMap(([i, why]) =>
            sent[i] === undefined ? [] : [[sent[i], why]],
          ),
        );
        store.dispatch(eventsRefused({ cook: id, refused }));
        return;
      }
      case 'smaller':
      case 'refused': {
        const [only] = sent;
        if (only === undefined) store.dispatch(startRefused({ cook: id, why: outcome.why }));
        else if (sent.length === 1) {
          store.dispatch(eventsRefused({ cook: id, refused: { [only]: outcome.why } }));
          trying.set(id, { ...of(id), batch: BATCH });
        } else {
          // Which of them is refused shows when they are sent apart: its neighbours are stored.
          trying.set(id, { ...of(id), batch: Math.max(1, Math.floor(sent.length / 2)) });
        }
      }
    }
  };

  const sendOne = async (cook: ActiveCook): Promise<void> => {
    const { id, startedAt, plan, together } = cook;
    let sent: readonly string[] = [];
    try {
      if (!cook.startKnown) {
        const start = { id, startedAt, plan, ...(together ? { together } : {}) };
        await store
          .dispatch(bookApi.endpoints.startCook.initiate(start, { track: false }))
          .unwrap();
        store.dispatch(startAcknowledged(id));
      } else {
        const events = waitingEvents(cook).slice(0, of(id).batch);
        sent = events.map((event) => event.id);
        const acknowledged = await store
          .dispatch(bookApi.endpoints.sendEvents.initiate({ id, events }, { track: false }))
          .unwrap();
        store.dispatch(eventsAcknowledged({ cook: id, events: acknowledged }));
      }
      trying.set(id, { ...FRESH, batch: of(id).batch });
      store.dispatch(sendingDelayed(undefined));
    } catch (error) {
      settle(cook, sent, sendOutcome(error));
    }
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
        const next = selectCooks(store.getState()).find(
          (cook) => hasWork(cook) && of(cook.id).due <= now,
        );
        if (!next || stopped) break;
        await sendOne(next);
      }
    }
    busy = false;
    clearTimeout(timer);
    const due = selectCooks(store.getState())
      .filter(hasWork)
      .map(({ id }) => of(id).due);
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
    const unsubscribe = onChange(store, selectCooks, () => void send());
    window.addEventListener('online', wake);
    document.addEventListener('visibilitychange', wake);
    void send();
    return () => {
      unsubscribe();
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
    // Given up when the page closes, or when the outbox stops: another page's goes on.
    navigator.locks.request(LOCK, { signal }, held).catch(() => undefined);
  }
  let waited: readonly ActiveCook[] = [];
  const other = setInterval(() => {
    const waiting = selectCooks(store.getState()).filter(hasWork);
    const stuck = waiting.some((cook) => waited.includes(cook));
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
