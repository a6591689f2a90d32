import { waitFor } from '@testing-library/react';
import { DEFAULT_KITCHEN } from '@crustan/core/formats/kitchen';
import { keep } from './device';
import { kitchenChanged } from './kitchenSlice';
import { syncKitchen } from './kitchenSync';
import { makeStore } from './store';

interface Sent {
  readonly method: string;
  readonly body: unknown;
}

describe('the kitchen kept with the book', () => {
  let sent: Sent[] = [];
  let stop = (): void => undefined;
  const answer = (status: number, body?: unknown): void => {
    sent = [];
    Object.assign(globalThis, {
      fetch: (_where: string, init: RequestInit = {}) => {
        const text = typeof init.body === 'string' ? init.body : undefined;
        sent.push({
          method: init.method ?? 'GET',
          body: text === undefined ? undefined : JSON.parse(text),
        });
        return Promise.resolve(
          new Response(body === undefined ? null : JSON.stringify(body), { status }),
        );
      },
    });
  };
  beforeEach(() => localStorage.clear());
  afterEach(() => stop());

  it('is taken from the book when another phone changed it later', async () => {
    answer(200, { kitchen: { ...DEFAULT_KITCHEN, ovenOffset: -9 }, changedAt: 1_800_000_000_000 });
    const store = makeStore();
    stop = syncKitchen(store);
    await waitFor(() => expect(store.getState().kitchen.ovenOffset).toBe(-9));
    // What came from there is not sent back.
    await new Promise((done) => setTimeout(done, 1000));
    expect(sent.map(({ method }) => method)).toEqual(['GET']);
  });

  it('stays as it is here when this phone changed it last, and a change is sent', async () => {
    keep('kitchenAt', 1_900_000_000_000);
    answer(200, { kitchen: { ...DEFAULT_KITCHEN, ovenOffset: -9 }, changedAt: 1_800_000_000_000 });
    const store = makeStore();
    stop = syncKitchen(store);
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(store.getState().kitchen.ovenOffset).toBe(0);
    store.dispatch(kitchenChanged({ ovenOffset: 5 }));
    await waitFor(() => expect(sent.at(-1)?.method).toBe('PUT'), { timeout: 4000 });
    expect(sent.at(-1)?.body).toMatchObject({ kitchen: { ovenOffset: 5 } });
  });

  it('of before there was any in the book is given to it', async () => {
    keep('kitchenAt', 1_700_000_000_000);
    answer(204);
    stop = syncKitchen(makeStore());
    await waitFor(() => expect(sent.map(({ method }) => method)).toEqual(['GET', 'PUT']));
  });

  it('rubbish from a server changes nothing', async () => {
    answer(200, { kitchen: { pans: [] }, changedAt: 1_800_000_000_000 });
    const store = makeStore();
    stop = syncKitchen(store);
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(store.getState().kitchen).toEqual(DEFAULT_KITCHEN);
  });
});
