import { configureStore } from '@reduxjs/toolkit';
import type { CookRecord } from '@crustan/core/formats';
import type { CookEvent } from '@crustan/core/live';
import { planOf, recordOf, uuid } from '../testing';
import {
  cookResumed,
  cookStarted,
  eventsAcknowledged,
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
    const now = store.getState().stove.cook;
    if (!now) throw new Error('no cook');
    return now;
  };
  return { store, cook };
};

describe('the cook on the stove', () => {
  it('keeps what the server has not acknowledged', () => {
    const { store, cook } = started();
    store.dispatch(pressed(press(11)));
    store.dispatch(pressed(press(11)));
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
    store.dispatch(pressed(press(11)));
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
});
