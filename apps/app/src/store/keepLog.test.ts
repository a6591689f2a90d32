import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { openDB } from 'idb';
import type { CookEvent } from '@crustan/core/cook';
import { planOf, recordOf, uuid } from '../testing';
import { saveLocal } from './device';
import { keepLog } from './keepLog';
import { LogDatabase } from './logDatabase';
import {
  cookStarted,
  entriesAcknowledged,
  pressed,
  serviceOpened,
  serviceSaid,
  streamPutAway,
} from './logSlice';
import { selectCooks } from './logSelectors';
import { selectOpenService, serviceLeft } from './passSlice';
import { makeStore } from './store';

const plan = recordOf(planOf());
const cookId = uuid(2);
const at = plan.createdAt;
const started: CookEvent = { id: uuid(10), kind: 'started', at };
const press = (n: number): CookEvent => ({ id: uuid(n), kind: 'turned', at: at + n });

const until = async (holds: () => boolean): Promise<void> => {
  for (let i = 0; i < 300 && !holds(); i += 1) await new Promise((done) => setTimeout(done, 10));
  expect(holds()).toBe(true);
};

describe('the log on the device', () => {
  const stops: (() => void)[] = [];
  const page = (presses?: LogDatabase) => {
    const store = makeStore();
    stops.push(keepLog(store, presses));
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
    (await new LogDatabase().recallStream(id))?.entries.map(({ entry }) => entry.event.id) ?? [];
  const untilKept = async (count: number): Promise<void> => {
    for (let i = 0; i < 300; i += 1) {
      if ((await keptEvents()).length === count) return;
      await new Promise((done) => setTimeout(done, 10));
    }
    expect(await keptEvents()).toHaveLength(count);
  };
  beforeEach(() => {
    localStorage.clear();
    sessionStorage.clear();
    Object.assign(globalThis, { indexedDB: new IDBFactory() });
  });
  afterEach(closeAll);

  it('come back after a reload, sent or unsent', async () => {
    const one = page();
    one.start();
    one.store.dispatch(pressed({ cook: cookId, event: press(11) }));
    one.store.dispatch(
      entriesAcknowledged({ stream: cookId, entries: [uuid(10)], book: uuid(900) }),
    );
    await untilKept(3);
    closeAll();
    const two = page();
    expect(two.store.getState().log.recalled).toBe(false);
    await until(() => two.cook() !== undefined);
    expect(two.cook()).toMatchObject({ known: [uuid(10)], startKnown: false });
    expect(two.cook()?.events.map(({ id }) => id)).toEqual([uuid(10), uuid(11)]);
    two.store.dispatch(streamPutAway({ stream: cookId, saved: true }));
    await untilKept(0);
  });

  it('come back after a reload in the same moment as the press, before the database has them', async () => {
    const one = page();
    await until(() => one.store.getState().log.recalled);
    one.start();
    one.store.dispatch(pressed({ cook: cookId, event: press(11) }));
    closeAll();
    // The reload: the database loses what was not committed.
    Object.assign(globalThis, { indexedDB: new IDBFactory() });
    const two = page();
    await until(() => two.cook() !== undefined);
    expect(two.cook()?.events.map(({ id }) => id)).toEqual([uuid(10), uuid(11)]);
    await untilKept(3);
    await until(() => sessionStorage.length === 0);
    // Nothing comes back a second time once the cook was put away.
    two.store.dispatch(streamPutAway({ stream: cookId, saved: true }));
    await untilKept(0);
    closeAll();
    const three = page();
    await until(() => three.store.getState().log.recalled);
    expect(three.cook()).toBeUndefined();
  });

  it('are stored from two pages of one device, and each page has those of the other', async () => {
    const [one, two] = [page(), page()];
    await until(() => one.store.getState().log.recalled && two.store.getState().log.recalled);
    one.start();
    await until(() => two.cook() !== undefined);
    for (let n = 20; n < 40; n += 1) {
      (n % 2 === 0 ? one : two).store.dispatch(pressed({ cook: cookId, event: press(n) }));
    }
    await untilKept(22);
    await until(() => one.cook()?.events.length === 21 && two.cook()?.events.length === 21);
  });

  it('one that cannot be read leaves out itself alone, and stays where it is', async () => {
    const one = page();
    one.start();
    one.start(uuid(3));
    one.store.dispatch(pressed({ cook: cookId, event: press(30) }));
    await untilKept(3);
    closeAll();
    const db = await openDB('crustan', 2);
    const half = { id: uuid(30), stream: cookId, entry: { of: 'cook', event: { kind: 'sung' } } };
    await db.put('entries', half);
    db.close();
    const two = page();
    await until(() => two.store.getState().log.recalled);
    expect(selectCooks(two.store.getState()).map(({ id }) => id)).toEqual([cookId, uuid(3)]);
    expect(two.cook()?.events.map(({ id }) => id)).toEqual([uuid(10)]);
    expect(two.store.getState().log.unreadable.map(({ where }) => where)).toEqual(['an entry']);
    const again = await openDB('crustan', 2);
    expect(await again.get('entries', uuid(30))).toEqual(half);
    again.close();
  });

  it('reads what older pages stored: cooks, steps and the open service', async () => {
    const old = await openDB('crustan', 1, {
      upgrade: (db) => {
        db.createObjectStore('cooks', { keyPath: 'id' });
        db.createObjectStore('presses', { keyPath: 'id' }).createIndex('cook', 'cook');
      },
    });
    await old.put('cooks', { id: cookId, startedAt: at, plan, startKnown: true });
    await old.put('cooks', { id: uuid(77), plan: 'half' });
    await old.put('presses', { id: uuid(10), cook: cookId, event: started, known: true });
    await old.put('presses', { id: uuid(11), cook: cookId, event: press(11), known: false });
    old.close();
    const service = { id: uuid(50), name: 'F', opensAt: at, closesAt: at + 1, dishes: [] };
    const order = {
      id: uuid(60),
      table: '7',
      pieces: [{ id: uuid(61), dish: uuid(62), doneness: 'rare' }],
    };
    const event = { id: uuid(51), at: at + 5, kind: 'ordered', order };
    const pass = await openDB('crustan-pass', 1, {
      upgrade: (db) => {
        db.createObjectStore('services', { keyPath: 'id' });
        db.createObjectStore('events', { keyPath: 'id' }).createIndex('service', 'service');
      },
    });
    await pass.put('services', { id: service.id, service, known: true });
    await pass.put('events', { id: event.id, service: service.id, event, known: false });
    pass.close();
    for (let opened = 0; opened < 2; opened += 1) {
      const { store, cook } = page();
      await until(() => store.getState().log.recalled);
      expect(cook()).toMatchObject({ startKnown: true, known: [uuid(10)] });
      expect(cook()?.events.map(({ id }) => id)).toEqual([uuid(10), uuid(11)]);
      expect(selectOpenService(store.getState())).toMatchObject({
        ...{ service, inBook: true, events: [event], waiting: 1 },
      });
      expect(store.getState().log.unreadable.map(({ where }) => where)).toEqual(['a cook']);
      closeAll();
    }
  });

  it('keep an order of one page when the other page closes the service', async () => {
    const [one, two] = [page(), page()];
    await until(() => one.store.getState().log.recalled && two.store.getState().log.recalled);
    const service = { id: uuid(50), name: 'F', opensAt: at, closesAt: at + 1, dishes: [] };
    one.store.dispatch(serviceOpened({ service }));
    const has = ({ store }: typeof one) => store.getState().log.streams[service.id];
    await until(() => has(two) !== undefined);
    one.store.dispatch(
      entriesAcknowledged({ stream: service.id, entries: [service.id], book: uuid(900) }),
    );
    await until(() => has(two)?.entries[0]?.book === uuid(900));
    // Both at once: the order is not yet on the device when the other page puts the service away.
    const order = {
      id: uuid(60),
      table: '7',
      pieces: [{ id: uuid(61), dish: uuid(62), doneness: 'rare' }],
    };
    const event = { id: uuid(51), at: at + 5, kind: 'ordered', order } as const;
    one.store.dispatch(serviceLeft());
    two.store.dispatch(serviceSaid({ service: service.id, event }));
    await until(() => has(one) === undefined || has(one)?.entries.length === 2);
    await new Promise((done) => setTimeout(done, 300));
    expect(has(two)?.entries.map(({ entry }) => entry.event.id)).toEqual([service.id, event.id]);
    const kept = await new LogDatabase().recallStream(service.id);
    expect(kept?.entries.map(({ entry }) => entry.event.id)).toEqual([service.id, event.id]);
  });

  it('are shown as unsaved until the device stores them', async () => {
    const presses = new LogDatabase();
    const full = jest.spyOn(presses, 'keep').mockRejectedValue(new Error('QuotaExceededError'));
    const { store, start } = page(presses);
    start();
    await until(() => store.getState().log.notKept.length === 2);
    store.dispatch(pressed({ cook: cookId, event: press(11) }));
    await until(() => store.getState().log.notKept.length === 3);
    full.mockRestore();
    store.dispatch(pressed({ cook: cookId, event: press(12) }));
    await until(() => store.getState().log.notKept.length === 0);
    await untilKept(4);
  });

  it('are shown as unsaved on a device without a database', async () => {
    Object.assign(globalThis, {
      indexedDB: {
        open: () => {
          throw new Error('blocked');
        },
      },
    });
    const { store, start } = page();
    start();
    await until(() => store.getState().log.notKept.length === 2);
    expect(store.getState().log.recalled).toBe(true);
  });

  it('are read from the first pages; an unreadable one stays', async () => {
    const first = {
      id: cookId,
      startedAt: at,
      plan,
      events: [started],
      startKnown: true,
      known: [],
    };
    saveLocal('cooks', [first, { ...first, id: uuid(3), events: [{ kind: 'sung' }] }]);
    const { store, cook } = page();
    await until(() => store.getState().log.recalled);
    expect(cook()?.events).toEqual([started]);
    expect(store.getState().log.unreadable).toHaveLength(1);
    await untilKept(2);
    expect(localStorage.getItem('crustan.cooks')).not.toBeNull();
    closeAll();
    saveLocal('cooks', undefined);
    saveLocal('cook', first);
    page();
    await until(() => localStorage.getItem('crustan.cook') === null);
  });
});
