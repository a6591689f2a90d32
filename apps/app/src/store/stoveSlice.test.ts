import { configureStore } from '@reduxjs/toolkit';
import type { CookRecord } from '@crustan/core/formats';
import type { CookEvent } from '@crustan/core/live';
import { planOf, recordOf, uuid } from '../testing';
import {
  cookPutAway,
  cookResumed,
  cookStarted,
  eventsAcknowledged,
  eventsHeard,
  focused,
  pressed,
  startAcknowledged,
  stoveSlice,
  waitingEvents,
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
    const [now] = store.getState().stove.cooks;
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
    const { cooks, focus } = store.getState().stove;
    expect(cooks.map(({ events }) => events.length)).toEqual([1, 2]);
    expect(focus).toBeUndefined();
    store.dispatch(cookPutAway(id(2)));
    expect(store.getState().stove.cooks.map((cook) => cook.id)).toEqual([id(3)]);
  });

  it('takes up what the first version of this page kept: one cook alone', () => {
    const cook = {
      id: id(2),
      startedAt: plan.createdAt,
      plan,
      events: [{ id: id(10), kind: 'started', at: plan.createdAt }],
      startKnown: true,
      known: [],
    };
    localStorage.setItem('crustan.cook', JSON.stringify(cook));
    const { cooks } = stoveSlice.getInitialState();
    localStorage.clear();
    expect(cooks.map((one) => one.id)).toEqual([id(2)]);
  });
});
