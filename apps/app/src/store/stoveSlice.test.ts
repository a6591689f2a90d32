import { configureStore } from '@reduxjs/toolkit';
import type { CookRecord } from '@crustan/core/formats';
import type { CookEvent } from '@crustan/core/cook';
import { planOf, recordOf, uuid } from '../testing';
import { waitingEvents } from './activeCook';
import {
  bookReplaced,
  cookGone,
  cookPutAway,
  cookResumed,
  cookStarted,
  eventsAcknowledged,
  eventsHeard,
  eventsRefused,
  focused,
  pressed,
  startAcknowledged,
  stoveSlice,
  selectCooks,
} from './stoveSlice';

const id = uuid;
const plan = recordOf(planOf());
const press = (n: number): CookEvent => ({ id: id(n), kind: 'turned', at: n });

const started = () => {
  const store = configureStore({
    reducer: { stove: stoveSlice.reducer },
    enhancers: (standard) => standard({ autoBatch: { type: 'tick' } }),
  });
  const event: CookEvent = { id: id(10), kind: 'started', at: 10 };
  store.dispatch(cookStarted({ id: id(2), startedAt: 10, plan, event }));
  const cook = () => {
    const [now] = selectCooks(store.getState());
    if (!now) throw new Error('no cook');
    return now;
  };
  return { store, cook };
};

describe('the cook on the stove', () => {
  it('keeps what the server has not acknowledged', () => {
    const { store, cook } = started();
    store.dispatch(pressed({ cook: id(2), event: press(11) }));
    store.dispatch(pressed({ cook: id(2), event: press(11) }));
    expect(cook().events).toHaveLength(2);
    expect(waitingEvents(cook())).toHaveLength(2);
    store.dispatch(startAcknowledged(id(2)));
    store.dispatch(eventsAcknowledged({ cook: id(2), events: [id(10)] }));
    expect(cook().startKnown).toBe(true);
    expect(waitingEvents(cook()).map((event) => event.id)).toEqual([id(11)]);
    store.dispatch(eventsAcknowledged({ cook: id(99), events: [id(11)] }));
    expect(waitingEvents(cook())).toHaveLength(1);
  });

  it('takes up a cook from the server without losing a press made here', () => {
    const { store, cook } = started();
    store.dispatch(pressed({ cook: id(2), event: press(11) }));
    const record: CookRecord = {
      id: id(2),
      createdAt: 10,
      plan,
      events: [{ id: id(10), kind: 'started', at: 10 }, press(12)],
    };
    store.dispatch(cookResumed(record));
    expect(cook().events.map((event) => event.id)).toEqual([id(10), id(12), id(11)]);
    expect(waitingEvents(cook()).map((event) => event.id)).toEqual([id(11)]);
  });

  it('hears another phone: its presses once, and its own as known', () => {
    const { store, cook } = started();
    store.dispatch(pressed({ cook: id(2), event: press(11) }));
    store.dispatch(eventsHeard({ cook: id(2), events: [press(11), press(12)] }));
    const heard = cook();
    expect(heard.events.map((event) => event.id)).toEqual([id(10), id(11), id(12)]);
    expect(waitingEvents(heard).map((event) => event.id)).toEqual([id(10)]);
    // The same news again changes nothing, so that nothing is drawn or kept anew.
    store.dispatch(eventsHeard({ cook: id(2), events: [press(11), press(12)] }));
    expect(cook()).toBe(heard);
  });

  it('keeps several pieces apart, and looks at the next thing again after a press', () => {
    const { store } = started();
    const event: CookEvent = { id: id(20), kind: 'started', at: 20 };
    store.dispatch(cookStarted({ id: id(3), startedAt: 20, plan, event }));
    store.dispatch(focused(id(2)));
    store.dispatch(pressed({ cook: id(3), event: press(21) }));
    const { focus } = store.getState().stove;
    expect(selectCooks(store.getState()).map(({ events }) => events.length)).toEqual([1, 2]);
    expect(focus).toBeUndefined();
    store.dispatch(cookPutAway({ cook: id(2), saved: true }));
    expect(selectCooks(store.getState()).map((cook) => cook.id)).toEqual([id(3)]);
  });

  it('never lets a cook go whose presses the book does not have, unless they were saved', () => {
    const { store, cook } = started();
    const away = (saved?: true) =>
      store.dispatch(cookPutAway(saved ? { cook: id(2), saved } : { cook: id(2) }));
    away();
    expect(selectCooks(store.getState())).toHaveLength(1);
    // A refused press is not in the book either.
    store.dispatch(startAcknowledged(id(2)));
    store.dispatch(eventsRefused({ cook: id(2), refused: { [id(10)]: 'at is out of range' } }));
    expect(waitingEvents(cook())).toEqual([]);
    away();
    expect(selectCooks(store.getState())).toHaveLength(1);
    away(true);
    expect(selectCooks(store.getState())).toHaveLength(0);
  });

  it('sends everything again to a book that took the old one’s place', () => {
    const { store, cook } = started();
    store.dispatch(startAcknowledged(id(2)));
    store.dispatch(eventsAcknowledged({ cook: id(2), events: [id(10)] }));
    store.dispatch(bookReplaced());
    expect(cook().startKnown).toBe(false);
    expect(waitingEvents(cook()).map((event) => event.id)).toEqual([id(10)]);
  });

  it('knows a cook that was deleted from the book, until the book has it again', () => {
    const { store, cook } = started();
    store.dispatch(cookGone(id(2)));
    expect(cook().gone).toBe(true);
    store.dispatch(eventsHeard({ cook: id(2), events: [] }));
    expect(cook().gone).toBeUndefined();
  });
});
