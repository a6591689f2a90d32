import type { LogEntry } from '@crustan/core/formats/logSchema';
import type { CookRecord } from '@crustan/core/formats';
import type { CookEvent } from '@crustan/core/cook';
import { planOf, recordOf, uuid } from '../testing';
import { waitingEvents } from './activeCook';
import {
  bookNamed,
  cookResumed,
  cookStarted,
  entriesAcknowledged,
  entriesHeard,
  entriesRefused,
  pressed,
  refusedDropped,
  serviceOpened,
  serviceSaid,
  streamBack,
  streamGone,
  streamPutAway,
  streamShared,
} from './logSlice';
import { selectCooks } from './logSelectors';
import { heardOf } from './logStream';
import { selectOpenService } from './passSlice';
import { makeStore } from './store';
import { focused } from './stoveSlice';

const id = uuid;
const plan = recordOf(planOf());
const BOOK = id(900);
const press = (n: number): CookEvent => ({ id: id(n), kind: 'turned', at: n });
const entry = (event: CookEvent): LogEntry => ({
  ...{ of: 'cook', stream: id(2), device: 'other' },
  event,
});

const started = () => {
  const store = makeStore();
  store.dispatch(bookNamed({ name: BOOK, replaces: [] }));
  const event: CookEvent = { id: id(10), kind: 'started', at: 10 };
  store.dispatch(cookStarted({ id: id(2), startedAt: 10, plan, event }));
  const cook = () => {
    const [now] = selectCooks(store.getState());
    if (!now) throw new Error('no cook');
    return now;
  };
  const acknowledged = (...entries: readonly string[]) =>
    store.dispatch(entriesAcknowledged({ stream: id(2), entries, book: BOOK }));
  const heard = (...events: readonly CookEvent[]) =>
    store.dispatch(
      entriesHeard({
        book: BOOK,
        logged: events.map((event, i) => ({ seq: 40 + i, entry: entry(event) })),
      }),
    );
  return { store, cook, acknowledged, heard };
};

describe('the log on a page', () => {
  it('keeps what the server has not acknowledged', () => {
    const { store, cook, acknowledged } = started();
    store.dispatch(pressed({ cook: id(2), event: press(11) }));
    store.dispatch(pressed({ cook: id(2), event: press(11) }));
    expect(cook().events).toHaveLength(2);
    expect(waitingEvents(cook())).toHaveLength(2);
    acknowledged(id(2), id(10));
    expect(cook().startKnown).toBe(true);
    expect(waitingEvents(cook()).map((event) => event.id)).toEqual([id(11)]);
    store.dispatch(entriesAcknowledged({ stream: id(99), entries: [id(11)], book: BOOK }));
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
    expect(cook().events.map((event) => event.id)).toEqual([id(10), id(11), id(12)]);
    expect(waitingEvents(cook()).map((event) => event.id)).toEqual([id(11)]);
  });

  it('hears another phone: its presses once, its own as known, and how far the logbook is', () => {
    const { store, cook, heard } = started();
    store.dispatch(pressed({ cook: id(2), event: press(11) }));
    heard(press(11), press(12));
    const before = cook();
    expect(before.events.map((event) => event.id)).toEqual([id(10), id(11), id(12)]);
    expect(waitingEvents(before).map((event) => event.id)).toEqual([id(10)]);
    const { streams, book } = store.getState().log;
    const stream = streams[id(2)];
    expect(stream && heardOf(stream, book)).toBe(41);
    // The same entries again change nothing, so that nothing is drawn or written again.
    heard(press(11), press(12));
    expect(cook()).toBe(before);
  });

  it('keeps several pieces apart, and looks at the next thing again after a press', () => {
    const { store } = started();
    const event: CookEvent = { id: id(20), kind: 'started', at: 20 };
    store.dispatch(cookStarted({ id: id(3), startedAt: 20, plan, event }));
    store.dispatch(focused(id(2)));
    store.dispatch(pressed({ cook: id(3), event: press(21) }));
    expect(selectCooks(store.getState()).map(({ events }) => events.length)).toEqual([1, 2]);
    expect(store.getState().stove.focus).toBeUndefined();
    store.dispatch(streamPutAway({ stream: id(2), saved: true }));
    expect(selectCooks(store.getState()).map((cook) => cook.id)).toEqual([id(3)]);
  });

  it('never lets a cook go whose presses the logbook does not have, unless they were saved', () => {
    const { store, cook, acknowledged } = started();
    store.dispatch(streamPutAway({ stream: id(2) }));
    expect(selectCooks(store.getState())).toHaveLength(1);
    // A refused press is not in the logbook either.
    acknowledged(id(2));
    store.dispatch(entriesRefused({ stream: id(2), refused: { [id(10)]: 'at is out of range' } }));
    expect(waitingEvents(cook())).toEqual([]);
    store.dispatch(streamPutAway({ stream: id(2) }));
    expect(selectCooks(store.getState())).toHaveLength(1);
    store.dispatch(streamPutAway({ stream: id(2), saved: true }));
    expect(selectCooks(store.getState())).toHaveLength(0);
  });

  it('sends everything again to a restored logbook, and nothing to a logbook of another folder', () => {
    const { store, cook, acknowledged } = started();
    acknowledged(id(2), id(10));
    store.dispatch(bookNamed({ name: id(901), replaces: [] }));
    expect(waitingEvents(cook())).toEqual([]);
    store.dispatch(bookNamed({ name: id(902), replaces: [BOOK] }));
    expect(cook().startKnown).toBe(false);
    expect(waitingEvents(cook()).map((event) => event.id)).toEqual([id(10)]);
  });

  it('ignores an acknowledgement of another page from before a restore', () => {
    const { store, cook, acknowledged } = started();
    acknowledged(id(2), id(10));
    const shared = store.getState().log.streams[id(2)];
    store.dispatch(bookNamed({ name: id(902), replaces: [BOOK] }));
    if (shared) store.dispatch(streamShared(shared));
    expect(waitingEvents(cook())).toHaveLength(1);
    store.dispatch(entriesAcknowledged({ stream: id(2), entries: [id(2), id(10)], book: id(902) }));
    if (shared) store.dispatch(streamShared(shared));
    expect(waitingEvents(cook())).toEqual([]);
  });

  it('knows a cook that was deleted from the logbook, until the logbook has it again', () => {
    const { store, cook, acknowledged } = started();
    store.dispatch(streamGone(id(2)));
    // The logbook never had it: it is about to be sent.
    expect(cook().gone).toBeUndefined();
    acknowledged(id(2));
    store.dispatch(streamGone(id(2)));
    expect(cook().gone).toBe(true);
    store.dispatch(streamBack(id(2)));
    expect(cook().gone).toBeUndefined();
    // A press that met the restored logbook before this page heard of the restore is not of a deleted cook.
    store.dispatch(streamGone(id(2)));
    store.dispatch(bookNamed({ name: id(902), replaces: [BOOK] }));
    expect(cook().gone).toBeUndefined();
  });

  it('shows a refused order apart from those that count, until it is corrected', () => {
    const { store } = started();
    const service = { id: id(50), name: 'F', opensAt: 1, closesAt: 2, dishes: [] };
    store.dispatch(serviceOpened({ service }));
    const order = {
      id: id(60),
      table: '7',
      pieces: [{ id: id(61), dish: id(62), doneness: 'rare' }],
    };
    const event = { id: id(51), at: 5, kind: 'ordered' as const, order };
    store.dispatch(serviceSaid({ service: service.id, event }));
    const open = () => selectOpenService(store.getState());
    expect(open()).toMatchObject({ events: [event], refused: [], waiting: 2 });
    store.dispatch(entriesRefused({ stream: service.id, refused: { [id(51)]: 'too long' } }));
    expect(open()).toMatchObject({ events: [], refused: [{ event, why: 'too long' }], waiting: 1 });
    store.dispatch(refusedDropped({ stream: service.id, entry: id(51) }));
    expect(open()).toMatchObject({ events: [], refused: [] });
  });
});
