import { waitFor } from '@testing-library/react';
import * as fc from 'fast-check';
import { DEFAULT_KITCHEN, ovenOf, type Kitchen } from '@crustan/core/formats/kitchen';
import { saveLocal } from './device';
import { kitchenChanged } from './kitchenSlice';
import { keepOnDevice } from './keepOnDevice';
import { makeStore } from './store';
import { mergeKitchen } from './mergeKitchen';
import { syncKitchen } from './kitchenSync';

const oven = (offset: number): Pick<Kitchen, 'ovens'> => ({ ovens: [{ id: 'oven', offset }] });

/** A server that counts versions, as the real one does. */
const fakeServer = () => {
  const book: { kitchen: Kitchen; version: number; changedAt: number } = {
    kitchen: DEFAULT_KITCHEN,
    version: 0,
    changedAt: 1_800_000_000_000,
  };
  const state = { down: false, fails: 0, puts: 0, recovered: false };
  const answer = (status: number): Response =>
    new Response(
      status === 200
        ? JSON.stringify({
            kitchen: book.kitchen,
            changedAt: book.changedAt,
            ...(state.recovered ? { recovered: true } : {}),
          })
        : null,
      { status, headers: { ETag: `"${book.version}"` } },
    );
  const change = (kitchen: Partial<Kitchen>): void => {
    book.kitchen = { ...book.kitchen, ...kitchen };
    book.version += 1;
  };
  Object.assign(globalThis, {
    fetch: async (request: Request): Promise<Response> => {
      if (state.down) throw new TypeError('unreachable');
      if (state.fails > 0) {
        state.fails -= 1;
        return new Response(null, { status: 500 });
      }
      if (request.method !== 'PUT') return answer(book.version === 0 ? 204 : 200);
      state.puts += 1;
      const tag = request.headers.get('If-Match');
      if (tag !== `"${book.version}"`) return answer(412);
      state.recovered = false;
      change(JSON.parse(await request.text()).kitchen);
      return answer(200);
    },
  });
  return { book, state, change };
};

describe('the kitchen kept with the logbook', () => {
  const stops: (() => void)[] = [];
  const phone = () => {
    const store = makeStore();
    stops.push(keepOnDevice(store), syncKitchen(store));
    return store;
  };
  const stopAll = (): void => stops.splice(0).forEach((stop) => stop());
  beforeEach(() => localStorage.clear());
  afterEach(stopAll);
  const awake = (): void => void window.dispatchEvent(new Event('online'));

  it('keeps this device’s settings where the stored kitchen is unreadable, and offers the last valid one', async () => {
    const server = fakeServer();
    server.change(oven(-9));
    const store = phone();
    await waitFor(() => expect(ovenOf(store.getState().kitchen).offset).toBe(-9));
    store.dispatch(kitchenChanged(oven(4)));
    await waitFor(() => expect(server.book.version).toBe(2));
    // The row of version 2 is damaged: the logbook answers with the one before it.
    server.book.kitchen = { ...DEFAULT_KITCHEN, ...oven(-9) };
    server.state.recovered = true;
    awake();
    await waitFor(() => expect(server.book.version).toBe(3));
    expect(ovenOf(server.book.kitchen).offset).toBe(4);
    expect(ovenOf(store.getState().kitchen).offset).toBe(4);
    const offered = store.getState().reach.recovered;
    expect(offered && ovenOf(offered).offset).toBe(-9);
  });

  it('comes from the logbook, and is not sent back', async () => {
    const server = fakeServer();
    server.change(oven(-9));
    jest.useFakeTimers({ advanceTimers: true });
    const store = phone();
    await waitFor(() => expect(ovenOf(store.getState().kitchen).offset).toBe(-9));
    await jest.advanceTimersByTimeAsync(2000);
    jest.useRealTimers();
    expect(server.state.puts).toBe(0);
  });

  it('keeps a change through a 500, and sends it once the server is well', async () => {
    const server = fakeServer();
    const store = phone();
    await waitFor(() => expect(localStorage.getItem('crustan.kitchenBase')).not.toBeNull());
    server.state.fails = 1;
    store.dispatch(kitchenChanged(oven(5)));
    await waitFor(() => expect(server.state.fails).toBe(0), { timeout: 4000 });
    awake();
    await waitFor(() => expect(ovenOf(server.book.kitchen).offset).toBe(5));
  });

  it('keeps a change made offline through a reload', async () => {
    const server = fakeServer();
    server.change(oven(1));
    const first = phone();
    await waitFor(() => expect(ovenOf(first.getState().kitchen).offset).toBe(1));
    server.state.down = true;
    first.dispatch(kitchenChanged({ restSeconds: 600 }));
    stopAll();
    // Another phone changes something else meanwhile.
    server.change(oven(-20));
    server.state.down = false;
    const again = phone();
    await waitFor(() => expect(server.book.kitchen.restSeconds).toBe(600));
    expect(ovenOf(server.book.kitchen).offset).toBe(-20);
    await waitFor(() => expect(ovenOf(again.getState().kitchen).offset).toBe(-20));
  });

  it('merges what two phones changed at once, whatever their clocks say', async () => {
    const server = fakeServer();
    server.book.changedAt = Date.UTC(2100, 0, 1) - 1;
    server.change({ atRisk: false });
    const store = phone();
    await waitFor(() => expect(localStorage.getItem('crustan.kitchenBase')).not.toBeNull());
    server.change({ thermometerOffset: 1.5 });
    store.dispatch(kitchenChanged(oven(7)));
    await waitFor(
      () => expect(server.book.kitchen).toMatchObject({ ...oven(7), thermometerOffset: 1.5 }),
      { timeout: 4000 },
    );
    expect(store.getState().kitchen.thermometerOffset).toBe(1.5);
  });

  it('takes the kitchen of the logbook on a phone of an earlier server', async () => {
    const server = fakeServer();
    saveLocal('kitchen', { ...DEFAULT_KITCHEN, ...oven(3) });
    saveLocal('kitchenAt', server.book.changedAt);
    server.change(oven(-4));
    const store = phone();
    await waitFor(() => expect(ovenOf(store.getState().kitchen).offset).toBe(-4));
  });
});

it('merges every field that only one phone changed into a valid kitchen', () => {
  const change = fc.record(
    {
      inUse: fc.constantFrom('oven', 'other').map((oven) => ({ ...DEFAULT_KITCHEN.inUse, oven })),
      restSeconds: fc.integer({ min: 0, max: 900 }),
      atRisk: fc.boolean(),
      forgotten: fc.dictionary(fc.constantFrom('oven', 'burner', 'lag'), fc.nat()),
    },
    { requiredKeys: [] },
  );
  fc.assert(
    fc.property(change, change, (mine, theirs) => {
      const [a, b] = [mine, theirs].map((one) => ({ ...DEFAULT_KITCHEN, ...one }));
      if (!a || !b) throw new Error('two changes');
      const merged = mergeKitchen(DEFAULT_KITCHEN, a, b);
      for (const key of ['inUse', 'restSeconds', 'atRisk'] as const) {
        const own =
          JSON.stringify(a[key]) === JSON.stringify(DEFAULT_KITCHEN[key]) ? b[key] : a[key];
        expect(merged[key]).toEqual(own);
      }
      for (const key of Object.keys(b.forgotten)) expect(merged.forgotten).toHaveProperty(key);
      for (const key of Object.keys(a.forgotten)) expect(merged.forgotten).toHaveProperty(key);
      expect(mergeKitchen(DEFAULT_KITCHEN, DEFAULT_KITCHEN, b)).toEqual(b);
    }),
  );
});
