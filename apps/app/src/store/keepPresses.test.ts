import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { openDB } from 'idb';
import type { CookEvent } from '@crustan/core/cook';
import { planOf, recordOf, uuid } from '../testing';
import { keep } from './device';
import { keepPresses } from './keepPresses';
import { PressStore } from './pressStore';
import { makeStore } from './store';
import { cookPutAway, cookStarted, eventsAcknowledged, pressed, selectCooks } from './stoveSlice';

const plan = recordOf(planOf());
const cookId = uuid(2);
const at = plan.createdAt;
const started: CookEvent = { id: uuid(10), kind: 'started', at };
const press = (n: number): CookEvent => ({ id: uuid(n), kind: 'turned', at: at + n });

const until = async (holds: () => boolean): Promise<void> => {
  for (let i = 0; i < 300 && !holds(); i += 1) await new Promise((done) => setTimeout(done, 10));
  expect(holds()).toBe(true);
};

describe('presses on the device', () => {
  const stops: (() => void)[] = [];
  const page = (presses?: PressStore) => {
    const store = makeStore();
    stops.push(keepPresses(store, presses));
    const cook = (id = cookId) => selectCooks(store.getState()).find((one) => one.id === id);
    const start = (id = cookId) =>
      store.dispatch(
        cookStarted({
          id,
          startedAt: at,
          plan,
          event: { ...started, id: uuid(Number(id.slice(-4)) + 8) },
        }),
      );
    return { store, cook, start };
  };
  const closeAll = (): void => stops.splice(0).forEach((stop) => stop());
  const keptEvents = async (id = cookId) =>
    (await new PressStore().recallCook(id))?.events.map((event) => event.id) ?? [];
  const untilKept = async (count: number): Promise<void> => {
    for (let i = 0; i < 300; i += 1) {
      if ((await keptEvents()).length === count) return;
      await new Promise((done) => setTimeout(done, 10));
    }
    expect(await keptEvents()).toHaveLength(count);
  };
  beforeEach(() => {
    localStorage.clear();
    Object.assign(globalThis, { indexedDB: new IDBFactory() });
  });
  afterEach(closeAll);

  it('are there again when the page is opened anew, known or not', async () => {
    const one = page();
    one.start();
    one.store.dispatch(pressed({ cook: cookId, event: press(11) }));
    one.store.dispatch(eventsAcknowledged({ cook: cookId, events: [uuid(10)] }));
    await untilKept(2);
    closeAll();
    const two = page();
    expect(two.store.getState().stove.recalled).toBe(false);
    await until(() => two.cook() !== undefined);
    expect(two.cook()).toMatchObject({ known: [uuid(10)], startKnown: false });
    expect(two.cook()?.events.map(({ id }) => id)).toEqual([uuid(10), uuid(11)]);
    two.store.dispatch(cookPutAway({ cook: cookId, saved: true }));
    await untilKept(0);
  });

  it('of two pages of one device are all kept, and each page has the other’s', async () => {
    const [one, two] = [page(), page()];
    await until(() => one.store.getState().stove.recalled && two.store.getState().stove.recalled);
    one.start();
    await until(() => two.cook() !== undefined);
    for (let n = 20; n < 40; n += 1) {
      (n % 2 === 0 ? one : two).store.dispatch(pressed({ cook: cookId, event: press(n) }));
    }
    await untilKept(21);
    await until(() => one.cook()?.events.length === 21 && two.cook()?.events.length === 21);
  });

  it('one that cannot be read leaves out itself alone, and stays where it is', async () => {
    const one = page();
    one.start();
    one.start(uuid(3));
    one.store.dispatch(pressed({ cook: cookId, event: press(30) }));
    await untilKept(2);
    closeAll();
    const db = await openDB('crustan', 1);
    await db.put('presses', { id: uuid(30), cook: cookId, event: { kind: 'sung' }, known: false });
    await db.put('cooks', { id: uuid(77), plan: 'half' });
    db.close();
    const two = page();
    await until(() => two.store.getState().stove.recalled);
    expect(selectCooks(two.store.getState()).map(({ id }) => id)).toEqual([cookId, uuid(3)]);
    expect(two.cook()?.events.map(({ id }) => id)).toEqual([uuid(10)]);
    expect(two.store.getState().stove.unreadable.map(({ where }) => where)).toEqual([
      'a press',
      'a cook',
    ]);
    const again = await openDB('crustan', 1);
    expect(await again.get('cooks', uuid(77))).toEqual({ id: uuid(77), plan: 'half' });
    again.close();
  });

  it('that the device does not keep are said to be on the page alone, until it keeps them', async () => {
    const presses = new PressStore();
    const full = jest.spyOn(presses, 'keep').mockRejectedValue(new Error('QuotaExceededError'));
    const { store, start } = page(presses);
    start();
    await until(() => store.getState().stove.notKept.length === 1);
    store.dispatch(pressed({ cook: cookId, event: press(11) }));
    await until(() => store.getState().stove.notKept.length === 2);
    full.mockRestore();
    store.dispatch(pressed({ cook: cookId, event: press(12) }));
    await until(() => store.getState().stove.notKept.length === 0);
    await untilKept(3);
  });

  it('of a device without a database are said to be on the page alone', async () => {
    Object.assign(globalThis, {
      indexedDB: {
        open: () => {
          throw new Error('blocked');
        },
      },
    });
    const { store, start } = page();
    start();
    await until(() => store.getState().stove.notKept.length === 1);
    expect(store.getState().stove.recalled).toBe(true);
  });

  it('of the first pages are taken over, a bad one left where it was', async () => {
    const first = {
      id: cookId,
      startedAt: at,
      plan,
      events: [started],
      startKnown: true,
      known: [],
    };
    keep('cooks', [first, { ...first, id: uuid(3), events: [{ kind: 'sung' }] }]);
    const { store, cook } = page();
    await until(() => store.getState().stove.recalled);
    expect(cook()?.events).toEqual([started]);
    expect(store.getState().stove.unreadable).toHaveLength(1);
    await untilKept(1);
    expect(localStorage.getItem('crustan.cooks')).not.toBeNull();
    closeAll();
    keep('cooks', undefined);
    keep('cook', first);
    page();
    await until(() => localStorage.getItem('crustan.cook') === null);
  });
});
