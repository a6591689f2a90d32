import type { CookEvent } from '@crustan/core/live';
import { planOf, recordOf, uuid } from '../testing';
import { runOutbox } from './outbox';
import { keepOnDevice, makeStore } from './store';
import { cookStarted, pressed, waitingEvents } from './stoveSlice';

const plan = recordOf(planOf());
const cookId = uuid(2);
const started: CookEvent = { id: uuid(10), kind: 'started', at: plan.createdAt };
const press = (n: number): CookEvent => ({ id: uuid(n), kind: 'turned', at: plan.createdAt + n });

interface Sent {
  readonly method: string;
  readonly path: string;
  readonly body: { readonly events?: readonly CookEvent[] };
}

const json = (body: unknown, status = 200): Response =>
  new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } });

/** A server in memory: `down` makes it unreachable, `refuse` makes it say no. */
const fakeServer = () => {
  const sent: Sent[] = [];
  const state = { down: false, refuse: false };
  const answer = async (request: Request): Promise<Response> => {
    if (state.down) throw new TypeError('unreachable');
    const body: Sent['body'] = JSON.parse(await request.text());
    sent.push({ method: request.method, path: new URL(request.url).pathname, body });
    if (state.refuse) {
      return json({ type: 'about:blank', title: 'No', status: 400, detail: 'Not like this.' }, 400);
    }
    return body.events
      ? json({ acknowledged: body.events.map((event) => event.id) })
      : json({ id: cookId, createdAt: plan.createdAt, plan, events: [] });
  };
  Object.assign(globalThis, { fetch: answer });
  return { sent, state };
};

const until = async (holds: () => boolean): Promise<void> => {
  for (let i = 0; i < 400 && !holds(); i += 1) await new Promise((done) => setTimeout(done, 10));
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
      const [cook] = store.getState().stove.cooks;
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
    expect(server.sent.map(({ method, path }) => `${method} ${path}`)).toEqual([
      `PUT /api/cooks/${cookId}`,
      `POST /api/cooks/${cookId}/events`,
    ]);
    expect(server.sent[1]?.body.events).toEqual([started, press(11)]);
  });

  it('keeps presses on the device while the server is away, and sends each once it is back', async () => {
    const { server, store, waiting, start } = begin();
    start();
    await until(() => waiting() === 0);
    server.state.down = true;
    store.dispatch(pressed({ cook: cookId, event: press(12) }));
    store.dispatch(pressed({ cook: cookId, event: press(13) }));
    expect(waiting()).toBe(2);
    // On the device in the same turn as the press: a reload here would lose nothing.
    const kept = localStorage.getItem('crustan.cooks') ?? '';
    expect(kept).toContain(uuid(12));
    expect(kept).toContain(uuid(13));
    const [reloaded] = makeStore().getState().stove.cooks;
    expect(reloaded && waitingEvents(reloaded)).toHaveLength(2);

    server.state.down = false;
    window.dispatchEvent(new Event('online'));
    await until(() => waiting() === 0);
    const ids = server.sent.flatMap(({ body }) => body.events?.map((event) => event.id) ?? []);
    expect(new Set(ids)).toEqual(new Set([uuid(10), uuid(12), uuid(13)]));
  });

  it('shows a refusal in the server’s words and does not send it for ever', async () => {
    const { server, store, start } = begin();
    server.state.refuse = true;
    start();
    await until(() => store.getState().stove.refused[cookId] !== undefined);
    expect(store.getState().stove.refused[cookId]).toBe('No: Not like this.');
    const count = server.sent.length;
    store.dispatch(pressed({ cook: cookId, event: press(14) }));
    await new Promise((done) => setTimeout(done, 50));
    expect(server.sent).toHaveLength(count);
  });
});
