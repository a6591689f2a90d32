import { planOf, recordOf, uuid } from '../testing';
import type { ServiceEvent } from '@crustan/core/pass/serviceEvent';
import type { LogEntry } from '@crustan/core/formats/logSchema';
import { followLog } from './logLink';
import { bookNamed, cookStarted, entriesAcknowledged, serviceOpened } from './logSlice';
import { selectCooks } from './logSelectors';
import { selectBasis, selectOpenService, selectServiceCooks } from './passSlice';
import { reachDoubted } from './reachSlice';
import { makeStore } from './store';

const AT = Date.UTC(2026, 10, 27, 18);
const BOOK = uuid(900);
const SERVICE = { id: uuid(1), name: 'Friday', opensAt: AT, closesAt: AT + 9e7, dishes: [] };
const order = (n: number): ServiceEvent => ({
  id: uuid(n),
  at: AT + n,
  kind: 'ordered',
  order: {
    id: uuid(1000 + n),
    table: String(n),
    pieces: [{ id: uuid(2000 + n), dish: uuid(3), doneness: 'rare' }],
  },
});
const ofService = (event: ServiceEvent, stream = SERVICE.id): LogEntry => ({
  ...{ of: 'service', stream, device: 'other' },
  event,
});

/** The streams that were opened, by which a test speaks as the server. */
class FakeSource extends EventTarget {
  static readonly CLOSED = 2;
  static readonly opened: FakeSource[] = [];
  readyState = 1;
  constructor(readonly url: string) {
    super();
    FakeSource.opened.push(this);
  }
  close(): void {
    this.readyState = FakeSource.CLOSED;
  }
  says(event: string, data: unknown): void {
    const text = typeof data === 'string' ? data : JSON.stringify(data);
    this.dispatchEvent(new MessageEvent(event, { data: text }));
  }
}

describe('the line to the logbook’s log', () => {
  const stops: (() => void)[] = [];
  const begin = () => {
    const store = makeStore();
    stops.push(followLog(store));
    return store;
  };
  const line = () => FakeSource.opened.at(-1);
  const says = (entries: readonly LogEntry[], from = 1) =>
    line()?.says('log', { entries: entries.map((entry, i) => ({ seq: from + i, entry })) });
  beforeEach(() => {
    Object.assign(globalThis, { EventSource: FakeSource });
    FakeSource.opened.length = 0;
    localStorage.clear();
  });
  afterEach(() => stops.splice(0).forEach((stop) => stop()));

  it('opens once the logbook has the service, and not before', () => {
    const store = begin();
    store.dispatch(serviceOpened({ service: SERVICE }));
    expect(FakeSource.opened).toEqual([]);
    store.dispatch(entriesAcknowledged({ stream: SERVICE.id, entries: [SERVICE.id], book: BOOK }));
    expect(line()?.url).toBe(`/api/v1/log/stream?follow=service:${SERVICE.id}.0`);
  });

  it('hears what others say, their pieces and their presses, and no nonsense', () => {
    const store = begin();
    store.dispatch(serviceOpened({ service: SERVICE, inBook: true }));
    // Entries do not count before the stream has named its logbook.
    says([ofService(order(19))]);
    line()?.says('book', { book: BOOK, replaces: [] });
    says([ofService(order(20))]);
    line()?.says('log', 'no { json');
    line()?.says('told', { seq: 'many' });
    expect(selectOpenService(store.getState())?.events.map(({ id }) => id)).toEqual([uuid(20)]);

    const together = { id: uuid(1020), waits: 0 };
    const piece = (event: Extract<LogEntry, { of: 'cook' }>['event']): LogEntry => ({
      ...{ of: 'cook', stream: uuid(2020), device: 'other' },
      event,
    });
    const plan = recordOf(planOf());
    says(
      [
        piece({ id: uuid(2020), kind: 'opened', at: AT, plan, together }),
        piece({ id: uuid(30), kind: 'started', at: AT }),
        piece({ id: uuid(31), kind: 'in', at: AT + 5 }),
      ],
      2,
    );
    const [heard, ...others] = selectServiceCooks(store.getState());
    expect(others).toEqual([]);
    expect(heard?.events.map(({ kind }) => kind)).toEqual(['started', 'in']);
    expect(selectBasis(store.getState())).toMatchObject({ seq: 4, entries: 5, unsent: 0 });

    says([ofService({ id: uuid(22), at: AT + 99, kind: 'sent', of: uuid(1020) })], 5);
    expect(selectServiceCooks(store.getState())).toEqual([]);
    expect(selectBasis(store.getState()).seq).toBe(5);
  });

  it('asks for what it lacks of each stream, in the logbook that it knows', () => {
    const store = begin();
    store.dispatch(bookNamed({ name: BOOK, replaces: [] }));
    store.dispatch(serviceOpened({ service: SERVICE, inBook: true }));
    line()?.says('book', { book: BOOK, replaces: [] });
    says([ofService(order(20))], 41);
    const event = { id: uuid(10), kind: 'started', at: AT } as const;
    store.dispatch(cookStarted({ id: uuid(5), startedAt: AT, plan: recordOf(planOf()), event }));
    store.dispatch(entriesAcknowledged({ stream: uuid(5), entries: [uuid(5)], book: BOOK }));
    expect(line()?.url).toBe(
      `/api/v1/log/stream?follow=service:${SERVICE.id}.41,cook:${uuid(5)}.0&book=${BOOK}`,
    );
    line()?.says('gone', { of: 'cook', id: uuid(5) });
    expect(selectCooks(store.getState())[0]?.gone).toBe(true);
    line()?.says('back', { of: 'cook', id: uuid(5) });
    expect(selectCooks(store.getState())[0]?.gone).toBeUndefined();
  });

  it('follows the service and the latest of more cooks than one line takes', () => {
    const store = begin();
    store.dispatch(serviceOpened({ service: SERVICE, inBook: true }));
    const plan = recordOf(planOf());
    for (let n = 0; n < 70; n += 1) {
      const id = uuid(5000 + n);
      const event = { id: uuid(6000 + n), kind: 'started', at: AT } as const;
      store.dispatch(cookStarted({ id, startedAt: AT, plan, event }));
      store.dispatch(entriesAcknowledged({ stream: id, entries: [id], book: BOOK }));
    }
    const followed = new URLSearchParams(line()?.url.split('?')[1]).get('follow')?.split(',') ?? [];
    expect(followed).toHaveLength(60);
    expect(followed[0]).toContain(`service:${SERVICE.id}`);
    expect(followed.at(-1)).toContain(uuid(5069));
  });

  it('sends everything again to a restored logbook', () => {
    const store = begin();
    store.dispatch(serviceOpened({ service: SERVICE, inBook: true }));
    line()?.says('book', { book: BOOK, replaces: [] });
    says([ofService(order(20))]);
    expect(selectOpenService(store.getState())).toMatchObject({ inBook: true, waiting: 0 });
    line()?.says('book', { book: uuid(901), replaces: [BOOK] });
    // Entries of other phones are sent too: the restored logbook may lack them.
    expect(selectOpenService(store.getState())).toMatchObject({ inBook: false, waiting: 2 });
  });

  it('checks the access of the page after a broken stream', () => {
    const store = begin();
    let doubted = 0;
    store.listen({ actionCreator: reachDoubted, effect: () => void (doubted += 1) });
    store.dispatch(serviceOpened({ service: SERVICE, inBook: true }));
    line()?.dispatchEvent(new Event('error'));
    expect(doubted).toBe(1);
  });
});
