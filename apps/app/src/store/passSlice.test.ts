import { describe, expect, it } from '@jest/globals';
import type { ToldSchedule } from '@crustan/core/formats/serviceSchema';
import type { ServiceEvent } from '@crustan/core/pass/serviceEvent';
import { makeStore } from './store';
import {
  passRecalled,
  selectService,
  serviceAcknowledged,
  serviceHeard,
  serviceLeft,
  serviceOpened,
  serviceRefused,
  serviceSaid,
  told,
  toldHeard,
  waitingServiceEvents,
} from './passSlice';

const id = (n: number): string => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const SERVICE = { id: id(1), name: 'Friday', opensAt: 1e12, closesAt: 2e12, dishes: [] };
const event = (n: number): ServiceEvent => ({
  id: id(n),
  at: 1e12 + n,
  kind: 'ordered',
  order: {
    id: id(1000 + n),
    table: String(n),
    pieces: [{ id: id(2000 + n), dish: id(3), doneness: 'rare' }],
  },
});
const schedule = (basis: number, at: number): ToldSchedule => ({
  basis,
  at,
  pieces: [],
  tickets: [],
  sides: [],
  unplaced: [],
  moved: [],
  late: 0,
});

describe('the open service on a page', () => {
  it('holds what is said until the book has it; what comes twice is once', () => {
    const store = makeStore();
    store.dispatch(serviceOpened({ service: SERVICE }));
    store.dispatch(serviceSaid(event(1)));
    store.dispatch(serviceSaid(event(1)));
    store.dispatch(serviceHeard({ service: SERVICE.id, events: [event(2)] }));
    store.dispatch(serviceHeard({ service: id(9), events: [event(5)] }));
    expect(selectService(store.getState()).tickets.map(({ table }) => table)).toEqual(['1', '2']);
    expect(waitingServiceEvents(store.getState().pass).map((one) => one.id)).toEqual([id(1)]);
    store.dispatch(serviceAcknowledged([id(1)]));
    expect(waitingServiceEvents(store.getState().pass)).toEqual([]);
    store.dispatch(serviceSaid(event(3)));
    store.dispatch(serviceRefused({ [id(3)]: 'must be a table' }));
    expect(waitingServiceEvents(store.getState().pass)).toEqual([]);
  });

  it('takes up what the device kept, unless another was opened meanwhile', () => {
    const kept = { service: SERVICE, serviceKnown: true, events: [event(1)], known: [id(1)] };
    const fresh = makeStore();
    fresh.dispatch(passRecalled(kept));
    expect(fresh.getState().pass).toMatchObject(kept);
    const busy = makeStore();
    busy.dispatch(serviceOpened({ service: { ...SERVICE, id: id(8) } }));
    busy.dispatch(passRecalled(kept));
    expect(busy.getState().pass.service?.id).toBe(id(8));
    busy.dispatch(serviceLeft());
    expect(busy.getState().pass.service).toBeUndefined();
  });

  it('keeps to the schedule that every page shares, until more is known or a while has passed', () => {
    const store = makeStore();
    const at = (): number | undefined => store.getState().pass.told?.at;
    store.dispatch(told(schedule(4, 1000)));
    store.dispatch(told(schedule(4, 9000)));
    expect(at()).toBe(1000);
    store.dispatch(told(schedule(5, 2000)));
    store.dispatch(told(schedule(5, 30_000)));
    expect(at()).toBe(30_000);
    store.dispatch(toldHeard(schedule(5, 25_000)));
    expect(at()).toBe(25_000);
    store.dispatch(toldHeard(schedule(3, 90_000)));
    expect(at()).toBe(25_000);
  });
});
