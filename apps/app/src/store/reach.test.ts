import { afterEach, beforeEach, describe, expect, it, jest } from '@jest/globals';
import { selectOpenService } from './passSlice';
import { reachDoubted, roleFound, unpairedFound } from './reachSlice';
import { watchReach } from './reachLink';
import { serviceOpened, serviceSaid } from './logSlice';
import { makeStore } from './store';

const SERVICE = {
  id: '00000000-0000-4000-8000-000000000001',
  name: 'F',
  opensAt: 1e12,
  closesAt: 2e12,
  dishes: [],
};
const SAID = {
  id: '00000000-0000-4000-8000-000000000002',
  at: 1e12,
  kind: 'fired' as const,
  of: 'x',
};

const SAME = { here: 'b1', server: 'b1' } as const;

/** Answer of the server to `me`. */
const answering = (me: number, role = 'cook', build = 'b2'): jest.Mock<typeof fetch> =>
  jest.fn<typeof fetch>(() =>
    Promise.resolve(
      new Response(me === 200 ? JSON.stringify({ role, build }) : '{}', { status: me }),
    ),
  );

/** Answers are read in turns of their own. */
const settled = async (): Promise<void> => {
  for (let i = 0; i < 10; i += 1) await jest.advanceTimersByTimeAsync(1);
};

describe('how a page reaches its kitchen', () => {
  const before = globalThis.fetch;
  beforeEach(() => {
    jest.useFakeTimers();
    document.head.innerHTML = '<meta name="crustan-build" content="b1">';
  });
  afterEach(() => {
    jest.useRealTimers();
    globalThis.fetch = before;
  });

  it('learns its role, a newer server and a revocation within seconds', async () => {
    const store = makeStore();
    globalThis.fetch = answering(200);
    const stop = watchReach(store);
    await settled();
    expect(store.getState().reach).toEqual({ role: 'cook', unpaired: false, newer: true });
    globalThis.fetch = answering(401);
    await jest.advanceTimersByTimeAsync(16_000);
    expect(store.getState().reach.unpaired).toBe(true);
    globalThis.fetch = answering(200, 'cook', 'b1');
    store.dispatch(reachDoubted());
    await settled();
    expect(store.getState().reach).toEqual({ role: 'cook', unpaired: false, newer: false });
    stop();
  });

  it('revokes no phone while the server cannot be reached; the page of the owner stops asking', async () => {
    const store = makeStore();
    const asked = answering(200, 'owner', 'b1');
    globalThis.fetch = asked;
    const stop = watchReach(store);
    await settled();
    const times = asked.mock.calls.length;
    await jest.advanceTimersByTimeAsync(120_000);
    expect(asked.mock.calls.length).toBe(times);
    globalThis.fetch = jest.fn<typeof fetch>(() => Promise.reject(new TypeError('no network')));
    store.dispatch(reachDoubted());
    await settled();
    expect(store.getState().reach).toMatchObject({ role: 'owner', unpaired: false });
    stop();
  });

  it('records no taps of a view-only phone, and shows the entries of others', () => {
    const store = makeStore();
    store.dispatch(serviceOpened({ service: SERVICE }));
    store.dispatch(roleFound({ role: 'watcher', ...SAME }));
    const said = serviceSaid({ service: SERVICE.id, event: SAID });
    store.dispatch(said);
    expect(selectOpenService(store.getState())?.events).toEqual([]);
    store.dispatch(roleFound({ role: 'cook', ...SAME }));
    store.dispatch(said);
    expect(selectOpenService(store.getState())?.events).toEqual([SAID]);
  });

  it('never marks a page without a build as older', () => {
    const store = makeStore();
    store.dispatch(roleFound({ role: 'owner', here: undefined, server: 'b9' }));
    expect(store.getState().reach.newer).toBe(false);
    store.dispatch(unpairedFound());
    store.dispatch(roleFound({ role: 'cook', ...SAME }));
    expect(store.getState().reach.unpaired).toBe(false);
  });
});
