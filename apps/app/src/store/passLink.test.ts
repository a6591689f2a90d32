import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { PROBLEM_TYPES } from '@crustan/core/formats';
import type { ServiceEvent } from '@crustan/core/pass/serviceEvent';
import { planOf, recordOf, uuid } from '../testing';
import { runPass } from './passLink';
import { selectServiceCooks, serviceOpened, serviceSaid, waitingServiceEvents } from './passSlice';
import { reachDoubted } from './reachSlice';
import { makeStore, type AppStore } from './store';

const AT = Date.UTC(2026, 10, 27, 18);
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

interface Sent {
  readonly method: string;
  readonly path: string;
  readonly ids: readonly string[];
}
const json = (body: unknown, status = 200): Response =>
  new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } });
const problem = (status: number, more: object = {}): Response =>
  json({ type: 'about:blank', title: 'No', status, detail: 'not so', ...more }, status);

/** A server in memory; `says` answers in its place. */
const fakeServer = () => {
  const sent: Sent[] = [];
  const state: { down: boolean; says: (one: Sent) => Response | undefined } = {
    down: false,
    says: () => undefined,
  };
  Object.assign(globalThis, {
    fetch: async (request: Request): Promise<Response> => {
      if (state.down) throw new TypeError('unreachable');
      const body: { events?: readonly ServiceEvent[] } = JSON.parse(await request.text());
      const ids = body.events?.map(({ id }) => id) ?? [];
      const one = { method: request.method, path: new URL(request.url).pathname, ids };
      sent.push(one);
      return state.says(one) ?? json(body.events ? { acknowledged: ids } : SERVICE);
    },
  });
  return { sent, state };
};

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

const until = async (holds: () => boolean, tries = 500): Promise<void> => {
  for (let i = 0; i < tries && !holds(); i += 1) await new Promise((done) => setTimeout(done, 10));
  expect(holds()).toBe(true);
};
const waiting = (store: AppStore): number => waitingServiceEvents(store.getState().pass).length;

describe('the open service on its way to the book', () => {
  const stops: (() => void)[] = [];
  const begin = () => {
    const server = fakeServer();
    const store = makeStore();
    stops.push(runPass(store));
    return { server, store };
  };
  beforeEach(() => {
    Object.assign(globalThis, { EventSource: FakeSource, indexedDB: new IDBFactory() });
    FakeSource.opened.length = 0;
    localStorage.clear();
  });
  afterEach(() => stops.splice(0).forEach((stop) => stop()));

  it('goes first itself, then what is said in it, and is followed once the book has it', async () => {
    const { server, store } = begin();
    store.dispatch(serviceOpened({ service: SERVICE }));
    store.dispatch(serviceSaid(order(10)));
    await until(() => waiting(store) === 0);
    expect(server.sent.map(({ method, path }) => `${method} ${path}`)).toEqual([
      `PUT /api/v1/services/${SERVICE.id}`,
      `POST /api/v1/services/${SERVICE.id}/events`,
    ]);
    expect(FakeSource.opened.map(({ url }) => url)).toEqual([
      `/api/v1/services/${SERVICE.id}/stream`,
    ]);
  });

  it('is kept on the device and sent when the server is there again', async () => {
    const { server, store } = begin();
    server.state.down = true;
    store.dispatch(serviceOpened({ service: SERVICE }));
    store.dispatch(serviceSaid(order(10)));
    await until(() => store.getState().pass.delayed !== undefined);
    stops.splice(0).forEach((stop) => stop());

    // The page is opened anew.
    const again = makeStore();
    server.state.down = false;
    stops.push(runPass(again));
    await until(() => again.getState().pass.service !== undefined);
    await until(() => waiting(again) === 0);
    expect(again.getState().pass.events.map(({ id }) => id)).toEqual([uuid(10)]);
    expect(again.getState().pass.delayed).toBeUndefined();
  });

  it('an event that the server names is set aside, the others go', async () => {
    const { server, store } = begin();
    server.state.says = ({ ids }) =>
      ids.includes(uuid(11))
        ? problem(409, {
            type: PROBLEM_TYPES.eventElsewhere,
            errors: [{ path: `events[${ids.indexOf(uuid(11))}].id`, message: 'is elsewhere' }],
          })
        : undefined;
    store.dispatch(serviceOpened({ service: SERVICE }));
    [10, 11, 12].forEach((n) => store.dispatch(serviceSaid(order(n))));
    await until(() => waiting(store) === 0);
    const { refused, known } = store.getState().pass;
    expect(Object.keys(refused)).toEqual([uuid(11)]);
    expect([...known].toSorted()).toEqual([uuid(10), uuid(12)]);
  });

  it('a batch that is refused without a name is sent in halves until the one is found', async () => {
    const { server, store } = begin();
    server.state.says = ({ ids }) => (ids.includes(uuid(13)) ? problem(422) : undefined);
    store.dispatch(serviceOpened({ service: SERVICE }));
    [10, 11, 12, 13, 14].forEach((n) => store.dispatch(serviceSaid(order(n))));
    await until(() => waiting(store) === 0);
    const { refused, known } = store.getState().pass;
    expect(Object.keys(refused)).toEqual([uuid(13)]);
    expect(known).toHaveLength(4);
  });

  it('a server that is busy or not paired refuses nothing: it is sent later', async () => {
    const { server, store } = begin();
    server.state.says = ({ ids }) => (ids.length > 0 ? problem(401) : undefined);
    store.dispatch(serviceOpened({ service: SERVICE }));
    store.dispatch(serviceSaid(order(10)));
    await until(() => store.getState().pass.delayed !== undefined);
    expect(store.getState().pass.refused).toEqual({});
    server.state.says = () => undefined;
    window.dispatchEvent(new Event('online'));
    await until(() => waiting(store) === 0);
  });

  it('goes in whole again where another book took the place of the one that had it', async () => {
    const { server, store } = begin();
    store.dispatch(serviceOpened({ service: SERVICE }));
    store.dispatch(serviceSaid(order(10)));
    await until(() => waiting(store) === 0);
    let there = false;
    server.state.says = ({ method, ids }) => {
      if (method === 'PUT') there = true;
      const gone = problem(404, { type: PROBLEM_TYPES.noSuchService });
      return ids.length > 0 && !there ? gone : undefined;
    };
    server.sent.length = 0;
    store.dispatch(serviceSaid(order(11)));
    await until(() => there && waiting(store) === 0);
    expect(server.sent.at(-1)?.ids).toEqual([uuid(10), uuid(11)]);
  });

  it('hears what others say, their pieces and their presses, and no nonsense', async () => {
    const { store } = begin();
    store.dispatch(serviceOpened({ service: SERVICE, inBook: true }));
    await until(() => FakeSource.opened.length === 1);
    const [line] = FakeSource.opened;
    line?.says('events', { service: SERVICE.id, events: [order(20)] });
    line?.says('events', { service: uuid(9), events: [order(21)] });
    line?.says('events', 'no { json');
    line?.says('told', { basis: 'many' });
    expect(store.getState().pass.events.map(({ id }) => id)).toEqual([uuid(20)]);

    const plan = recordOf(planOf());
    const cook = {
      id: uuid(2020),
      createdAt: AT,
      plan,
      together: { id: uuid(1020), waits: 0 },
      events: [{ id: uuid(30), kind: 'started', at: AT }],
    };
    line?.says('cook', cook);
    line?.says('cook', cook);
    const press = { id: uuid(31), kind: 'in', at: AT + 5 };
    line?.says('presses', { cook: uuid(2020), events: [press] });
    const [piece, ...others] = selectServiceCooks(store.getState());
    expect(others).toEqual([]);
    expect(piece?.events.map(({ kind }) => kind)).toEqual(['started', 'in']);

    // Sent, and every press of it in the book: it leaves this page.
    const sent = { id: uuid(22), at: AT + 99, kind: 'sent' as const, of: uuid(1020) };
    line?.says('events', { service: SERVICE.id, events: [sent] });
    await until(() => selectServiceCooks(store.getState()).length === 0);
  });

  it('a stream that breaks makes the page ask whether it is still let in', async () => {
    const { store } = begin();
    let doubted = 0;
    store.listen({ actionCreator: reachDoubted, effect: () => void (doubted += 1) });
    store.dispatch(serviceOpened({ service: SERVICE, inBook: true }));
    await until(() => FakeSource.opened.length === 1);
    FakeSource.opened[0]?.dispatchEvent(new Event('error'));
    expect(doubted).toBe(1);
  });
});
