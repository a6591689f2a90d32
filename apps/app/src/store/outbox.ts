import { bookApi, refusalOf } from './bookApi';
import { eventsAcknowledged, sendRefused, startAcknowledged, waitingEvents } from './stoveSlice';
import type { AppStore } from './store';

/** How long to wait after the server did not answer, ms. */
const RETRY_AFTER = 2500;
const BATCH = 200;

/** Nothing to send, something sent and perhaps more to come, or no answer. */
type Outcome = 'idle' | 'more' | 'failed';

/**
 * Sends what the server has not acknowledged: the cook itself, then its events, in order, until
 * nothing waits. Sending twice is harmless, so anything unsure is sent again.
 * @returns stops the outbox
 */
export const runOutbox = (store: AppStore): (() => void) => {
  let busy = false;
  let again = false;
  let stopped = false;
  let timer: ReturnType<typeof setTimeout> | undefined;

  const later = (): void => {
    clearTimeout(timer);
    if (!stopped) timer = setTimeout(() => void send(), RETRY_AFTER);
  };

  const sendOnce = async (): Promise<Outcome> => {
    const { cooks, refused } = store.getState().stove;
    const cook = cooks.find(
      (one) => refused[one.id] === undefined && (!one.startKnown || waitingEvents(one).length > 0),
    );
    if (!cook) return 'idle';
    try {
      if (!cook.startKnown) {
        const { id, startedAt, plan, together } = cook;
        const start = { id, startedAt, plan, ...(together ? { together } : {}) };
        await store
          .dispatch(bookApi.endpoints.startCook.initiate(start, { track: false }))
          .unwrap();
        store.dispatch(startAcknowledged(id));
        return 'more';
      }
      const events = waitingEvents(cook).slice(0, BATCH);
      const acknowledged = await store
        .dispatch(bookApi.endpoints.sendEvents.initiate({ id: cook.id, events }, { track: false }))
        .unwrap();
      store.dispatch(eventsAcknowledged({ cook: cook.id, events: acknowledged }));
      return 'more';
    } catch (error) {
      const refusal = refusalOf(error);
      // A server that is there and says no will say no again: the cook must see it.
      if (refusal !== undefined && !/answered 5/.test(refusal)) {
        store.dispatch(sendRefused({ cook: cook.id, why: refusal }));
        return 'more';
      }
      return 'failed';
    }
  };

  const send = async (): Promise<void> => {
    // A press that comes while the last answer is being read must not wait for another one.
    again = true;
    if (busy || stopped) return;
    busy = true;
    let outcome: Outcome = 'idle';
    while (again && outcome !== 'failed') {
      again = false;
      do outcome = await sendOnce();
      while (outcome === 'more');
    }
    busy = false;
    if (outcome === 'failed') later();
  };

  const unsubscribe = store.subscribe(() => void send());
  const wake = (): void => void send();
  window.addEventListener('online', wake);
  document.addEventListener('visibilitychange', wake);
  void send();
  return () => {
    stopped = true;
    clearTimeout(timer);
    unsubscribe();
    window.removeEventListener('online', wake);
    document.removeEventListener('visibilitychange', wake);
  };
};
