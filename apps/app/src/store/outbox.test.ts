import { PROBLEM_TYPES } from '@crustan/core/formats';
import type { CookEvent } from '@crustan/core/cook';
import type { LogEntry } from '@crustan/core/formats/logSchema';
import { planOf, recordOf, uuid } from '../testing';
import { runOutbox } from './outbox';
import { keepOnDevice } from './keepOnDevice';
import { makeStore } from './store';
import { unsentEvents, waitingEvents } from './activeCook';
import { cookStarted, pressed } from './logSlice';
import { selectCooks } from './logSelectors';

const plan = recordOf(planOf());
const cookId = uuid(2);
const started: CookEvent = { id: uuid(10), kind: 'started', at: plan.createdAt };
const press = (n: number): CookEvent => ({ id: uuid(n), kind: 'turned', at: plan.createdAt + n });

interface Sent {
  readonly method: string;
  readonly path: string;
  readonly body: { readonly entries: readonly LogEntry[] };
}

const json = (body: unknown, status = 200): Response =>
  new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } });

const idsOf = ({ body }: Sent): readonly string[] => body.entries.map(({ event }) => event.id);

type Answers = (request: Sent) => Response | undefined;

/** A server in memory: `down` makes it unreachable, `says` answers in its place. */
const fakeServer = () => {
  const sent: Sent[] = [];
  const state: { down: boolean; says: Answers } = { down: false, says: () => undefined };
  const answer = async (request: Request): Promise<Response> => {
    if (state.down) throw new TypeError('unreachable');
    const body: Sent['body'] = JSON.parse(await request.text());
    const one = { method: request.method, path: new URL(request.url).pathname, body };
    sent.push(one);
    const said = state.says(one);
    if (said) return said;
    return json({ acknowledged: idsOf(one), book: uuid(900) });
  };
  Object.assign(globalThis, { fetch: answer });
  return { sent, state };
};

const until = async (holds: () => boolean, tries = 400): Promise<void> => {
  for (let i = 0; i < tries && !holds(); i += 1) await new Promise((done) => setTimeout(done, 10));
  expect(holds()).toBe(true);
};

describe('the outbox', () => {
  let stop: () => void = () => undefined;
  const begin = () => {
    localStorage.clear();
    const server = fakeServer();
    const store = makeStore();
    const stopKeeping = keepOnDevice(store);
    const stopSending = runOutbox(store);
    stop = () => {
      stopSending();
      stopKeeping();
    };
    const waiting = (): number => {
      const [cook] = selectCooks(store.getState());
      return cook ? waitingEvents(cook).length : 0;
    };
    const start = () =>
      store.dispatch(cookStarted({ id: cookId, startedAt: plan.createdAt, plan, event: started }));
    return { server, store, waiting, start };
  };
  afterEach(() => stop());

  it('sends the cook first, then its presses, and then nothing more', async () => {
    const { server, store, waiting, start } = begin();
    start();
    store.dispatch(pressed({ cook: cookId, event: press(11) }));
    await until(() => waiting() === 0);
    expect(server.sent.map(({ method, path }) => `${method} ${path}`)).toEqual(
      server.sent.map(() => 'POST /api/v1/log'),
    );
    expect(server.sent.flatMap(idsOf)).toEqual([cookId, uuid(10), uuid(11)]);
    // Each says from which device it is.
    const devices = new Set(
      server.sent.flatMap(({ body }) => body.entries.map(({ device }) => device)),
    );
    expect([...devices]).toEqual([expect.stringMatching(/^[0-9a-f-]{36}$/)]);
  });

  it('keeps steps while the server is away, and sends each once when it returns', async () => {
    const { server, store, waiting, start } = begin();
    start();
    await until(() => waiting() === 0);
    server.state.down = true;
    store.dispatch(pressed({ cook: cookId, event: press(12) }));
    store.dispatch(pressed({ cook: cookId, event: press(13) }));
    expect(waiting()).toBe(2);
    server.state.down = false;
    window.dispatchEvent(new Event('online'));
    await until(() => waiting() === 0);
    expect(new Set(server.sent.flatMap(idsOf))).toEqual(
      new Set([cookId, uuid(10), uuid(12), uuid(13)]),
    );
  });

  const problem = (status: number, more: object = {}): Response =>
    json({ type: 'about:blank', title: 'No', status, detail: 'Not like this.', ...more }, status);
  const stored = ({ sent }: ReturnType<typeof fakeServer>): ReadonlySet<string> =>
    new Set(sent.flatMap(idsOf));

  it.each([500, 502, 503, 507, 408, 409, 423, 425, 429, 421])(
    'tries again after a %i, and loses nothing',
    async (status) => {
      const { server, store, waiting, start } = begin();
      let failures = 0;
      server.state.says = () => {
        failures += 1;
        return failures <= 2 ? problem(status) : undefined;
      };
      start();
      await until(() => failures === 1);
      expect(store.getState().log.delayed).toContain('No');
      window.dispatchEvent(new Event('online'));
      await until(() => failures === 2);
      window.dispatchEvent(new Event('online'));
      await until(() => waiting() === 0);
      expect(store.getState().log.delayed).toBeUndefined();
    },
  );

  it('retries by itself, and waits longer each time', async () => {
    const { server, waiting, start } = begin();
    const at: number[] = [];
    server.state.says = () => {
      at.push(performance.now());
      return at.length < 3 ? problem(500) : undefined;
    };
    start();
    await until(() => waiting() === 0, 1200);
    const [first = 0, second = 0, third = 0] = at;
    expect(second - first).toBeGreaterThan(1000);
    expect(third - second).toBeGreaterThan(second - first);
  }, 20_000);

  it('takes an answer that is no problem of this kitchen’s for a thing that may pass', async () => {
    const { server, store, start } = begin();
    let asked = 0;
    server.state.says = () => {
      asked += 1;
      return new Response('<html>Sign in to the network</html>', { status: 404 });
    };
    start();
    await until(() => asked > 0);
    await until(() => store.getState().log.delayed !== undefined);
    expect(selectCooks(store.getState())[0]?.startRefused).toBeUndefined();
  });

  it('sets aside the one press that is refused, by its place, and stores its neighbours', async () => {
    const { server, store, waiting, start } = begin();
    start();
    await until(() => waiting() === 0);
    const bad = uuid(13);
    server.state.says = (one) => {
      const at = idsOf(one).indexOf(bad);
      const path = `entries[${at}].event.at`;
      return at === -1
        ? undefined
        : problem(400, { errors: [{ path, message: 'must be before 2100' }] });
    };
    for (const n of [12, 13, 14]) store.dispatch(pressed({ cook: cookId, event: press(n) }));
    await until(() => waiting() === 0);
    const [cook] = selectCooks(store.getState());
    expect(cook?.refused).toEqual({ [bad]: 'at must be before 2100' });
    expect(cook && unsentEvents(cook).map(({ id }) => id)).toEqual([bad]);
    expect(cook?.known).toEqual(expect.arrayContaining([uuid(12), uuid(14)]));
  });

  it.each([
    ['which one is not said', 422],
    ['the batch is too large', 413],
  ])('finds the one that is refused where %s', async (_what, status) => {
    const { server, store, waiting, start } = begin();
    start();
    await until(() => waiting() === 0);
    const bad = uuid(24);
    server.state.says = (one) => (idsOf(one).includes(bad) ? problem(status) : undefined);
    for (let n = 20; n < 29; n += 1) store.dispatch(pressed({ cook: cookId, event: press(n) }));
    await until(() => waiting() === 0);
    const [cook] = selectCooks(store.getState());
    expect(Object.keys(cook?.refused ?? {})).toEqual([bad]);
    expect(cook?.known).toHaveLength(9);
    expect(stored(server).size).toBeGreaterThan(8);
  });

  it('says that the logbook has deleted the cook, and holds its presses', async () => {
    const { server, store, waiting, start } = begin();
    start();
    await until(() => waiting() === 0);
    server.state.says = () => problem(404, { type: PROBLEM_TYPES.noSuchCook });
    store.dispatch(pressed({ cook: cookId, event: press(12) }));
    await until(() => selectCooks(store.getState())[0]?.gone === true);
    expect(waiting()).toBe(1);
  });

  it('lets no cook hold up another', async () => {
    const { server, store, start } = begin();
    server.state.says = ({ body }) =>
      body.entries.some(({ stream }) => stream === cookId) ? problem(500) : undefined;
    start();
    const other = uuid(3);
    const event = { id: uuid(30), kind: 'started', at: plan.createdAt } as const;
    store.dispatch(cookStarted({ id: other, startedAt: plan.createdAt, plan, event }));
    await until(() => {
      const cook = selectCooks(store.getState()).find(({ id }) => id === other);
      return cook !== undefined && unsentEvents(cook).length === 0;
    });
  });

  it('shows a refusal of the cook itself in the server’s words and does not send it for ever', async () => {
    const { server, store, start } = begin();
    server.state.says = () => problem(400);
    start();
    await until(() => selectCooks(store.getState())[0]?.startRefused !== undefined);
    expect(selectCooks(store.getState())[0]?.startRefused).toBe('No: Not like this.');
    const count = server.sent.length;
    jest.useFakeTimers();
    store.dispatch(pressed({ cook: cookId, event: press(14) }));
    await jest.advanceTimersByTimeAsync(120_000);
    jest.useRealTimers();
    expect(server.sent).toHaveLength(count);
  });
});
