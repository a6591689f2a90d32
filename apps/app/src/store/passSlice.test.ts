import { describe, expect, it } from '@jest/globals';
import type { PublishedSchedule } from '@crustan/core/formats/serviceSchema';
import type { ServiceEvent } from '@crustan/core/pass/serviceEvent';
import { planOf, recordOf, uuid as id } from '../testing';
import {
  bookNamed,
  cookStarted,
  entriesAcknowledged,
  entriesHeard,
  serviceOpened,
  serviceSaid,
} from './logSlice';
import {
  entriesKept,
  selectBasis,
  selectLeft,
  selectOpenService,
  selectService,
  selectServiceCooks,
  selectStoveCooks,
  serviceLeft,
  scheduleMade,
  scheduleHeard,
} from './passSlice';
import { makeStore } from './store';

const BOOK = id(900);
const SERVICE = { id: id(99), name: 'Friday', opensAt: 1e12, closesAt: 2e12, dishes: [] };
const ordered = (n: number): ServiceEvent => ({
  id: id(n),
  at: 1e12 + n,
  kind: 'ordered',
  order: {
    id: id(1000 + n),
    table: String(n),
    pieces: [{ id: id(2000 + n), dish: id(3), doneness: 'rare' }],
  },
});
const schedule = (seq: number, at: number, menu = 1): PublishedSchedule => ({
  ...{ book: BOOK, seq, menu, at },
  ...{ pieces: [], tickets: [], sides: [], unplaced: [], moved: [], late: 0 },
});

const opened = () => {
  const store = makeStore();
  store.dispatch(bookNamed({ name: BOOK, replaces: [] }));
  store.dispatch(serviceOpened({ service: SERVICE }));
  const say = (event: ServiceEvent) => store.dispatch(serviceSaid({ service: SERVICE.id, event }));
  const acknowledge = (stream: string, ...entries: readonly string[]) =>
    store.dispatch(entriesAcknowledged({ stream, entries, book: BOOK }));
  const begin = (n: number) =>
    store.dispatch(
      cookStarted({
        ...{ id: id(2000 + n), startedAt: 1e12, plan: recordOf(planOf()) },
        together: { id: id(1000 + n), waits: 0 },
        event: { id: id(3000 + n), kind: 'started', at: 1e12 },
      }),
    );
  return { store, say, acknowledge, begin };
};

describe('the open service on a page', () => {
  it('keeps entries until the logbook has them; a repeated entry counts once', () => {
    const { store, say, acknowledge } = opened();
    say(ordered(1));
    say(ordered(1));
    const heard = (stream: string, event: ServiceEvent) =>
      store.dispatch(
        entriesHeard({
          book: BOOK,
          logged: [{ seq: 7, entry: { of: 'service', stream, device: 'other', event } }],
        }),
      );
    heard(SERVICE.id, ordered(2));
    expect(selectService(store.getState()).tickets.map(({ table }) => table)).toEqual(['1', '2']);
    expect(selectOpenService(store.getState())?.waiting).toBe(2);
    acknowledge(SERVICE.id, SERVICE.id, id(1));
    expect(selectOpenService(store.getState())).toMatchObject({ waiting: 0, inBook: true });
  });

  it('removes the pieces of a sent table from boards, and never lowers the version', () => {
    const { store, say, begin } = opened();
    say(ordered(1));
    begin(1);
    store.dispatch(
      entriesHeard({
        book: BOOK,
        logged: [
          {
            seq: 12,
            entry: {
              of: 'cook',
              stream: id(2001),
              device: '',
              event: { id: id(3001), kind: 'started', at: 1e12 },
            },
          },
        ],
      }),
    );
    store.dispatch(scheduleMade({ schedule: schedule(12, 1000), unsent: 0 }));
    expect(selectServiceCooks(store.getState())).toHaveLength(1);
    say({ id: id(30), at: 1e12 + 50, kind: 'sent', of: id(1001) });
    expect(selectServiceCooks(store.getState())).toEqual([]);
    expect(selectStoveCooks(store.getState())).toEqual([]);
    expect(selectBasis(store.getState()).seq).toBe(12);
    // A later order has a higher place in the log: its schedule replaces the one before.
    store.dispatch(scheduleMade({ schedule: schedule(13, 1500), unsent: 0 }));
    expect(store.getState().pass.schedule?.seq).toBe(13);
  });

  it('keeps a service that was left until the logbook has every entry, then drops it with its served pieces', () => {
    const { store, say, acknowledge, begin } = opened();
    say(ordered(1));
    say(ordered(2));
    begin(1);
    begin(2);
    say({ id: id(30), at: 1e12 + 50, kind: 'sent', of: id(1001) });
    expect(selectLeft(store.getState())).toEqual([]);
    store.dispatch(serviceLeft());
    expect(selectOpenService(store.getState())).toBeUndefined();
    // The piece that still cooks is on the stove, the one that was served is not.
    expect(selectStoveCooks(store.getState()).map((cook) => cook.id)).toEqual([id(2002)]);
    expect(selectLeft(store.getState())).toEqual([id(2001)]);
    acknowledge(SERVICE.id, id(1));
    expect(store.getState().log.streams[SERVICE.id]?.entries).toHaveLength(4);
  });

  it('keeps to the schedule that every page shares, until more is known or a while has passed', () => {
    const { store } = opened();
    const at = (): number | undefined => store.getState().pass.schedule?.at;
    const make = (made: PublishedSchedule, unsent = 0) =>
      store.dispatch(scheduleMade({ schedule: made, unsent }));
    const hear = (heard: PublishedSchedule) =>
      store.dispatch(scheduleHeard({ service: SERVICE.id, schedule: heard }));
    make(schedule(4, 1000));
    make(schedule(4, 9000));
    expect(at()).toBe(1000);
    make(schedule(5, 2000));
    make(schedule(5, 30_000));
    expect(at()).toBe(30_000);
    hear(schedule(5, 25_000));
    expect(at()).toBe(25_000);
    hear(schedule(3, 90_000));
    hear(schedule(9, 95_000, 0));
    store.dispatch(scheduleHeard({ service: id(9), schedule: schedule(9, 99_000) }));
    expect(at()).toBe(25_000);
    // Entries that are not in the logbook yet are in this page's own schedule only.
    make(schedule(5, 26_000), 1);
    hear(schedule(5, 27_000));
    expect(at()).toBe(26_000);
    make(schedule(6, 28_000));
    hear(schedule(6, 29_000));
    expect(at()).toBe(29_000);
    // The log of a restored logbook starts its own count.
    make({ ...schedule(2, 30_000), book: id(901) });
    expect(at()).toBe(30_000);
  });

  it('shows the shared schedule of the same entries that came while its own were on their way', () => {
    const { store } = opened();
    const shown = (): number | undefined => store.getState().pass.schedule?.at;
    const make = (made: PublishedSchedule, unsent: number) =>
      store.dispatch(scheduleMade({ schedule: made, unsent }));
    make(schedule(4, 1000), 1);
    store.dispatch(scheduleHeard({ service: SERVICE.id, schedule: schedule(5, 1100) }));
    expect(shown()).toBe(1000);
    make(schedule(5, 1200), 0);
    expect(shown()).toBe(1100);
    // Its improvement of the schedule that no page shows is not shown either; one of later entries is.
    make({ ...schedule(5, 1201), improves: 1200 }, 0);
    expect(shown()).toBe(1100);
    make(schedule(6, 1300), 0);
    expect(shown()).toBe(1300);
  });

  it('shows the shared schedule as soon as the logbook has its entries, before it has made its own', () => {
    const { store } = opened();
    const shown = (): number | undefined => store.getState().pass.schedule?.at;
    const kept = (seq: number) => store.dispatch(entriesKept({ book: BOOK, seq, menu: 1 }));
    store.dispatch(scheduleMade({ schedule: schedule(4, 1000), unsent: 1 }));
    store.dispatch(scheduleHeard({ service: SERVICE.id, schedule: schedule(5, 1100) }));
    // Its own entry became the sixth: the shared schedule lacks it.
    kept(6);
    expect(shown()).toBe(1000);
    store.dispatch(scheduleHeard({ service: SERVICE.id, schedule: schedule(6, 1200) }));
    expect(shown()).toBe(1000);
    kept(6);
    expect(shown()).toBe(1200);
    // The next shared one replaces it as usual.
    store.dispatch(scheduleHeard({ service: SERVICE.id, schedule: schedule(6, 1300) }));
    expect(shown()).toBe(1300);
  });
});
