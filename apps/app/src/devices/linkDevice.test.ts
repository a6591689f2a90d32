import { restartClock } from '../store/clock';
import { makeStore } from '../store/store';
import { cookStarted } from '../store/logSlice';
import { selectCooks } from '../store/logSelectors';
import { planOf, recordOf, uuid } from '../testing';
import type { LinkListener } from './deviceLink';
import { bluetoothLink } from './bluetoothLink';
import { fileLink } from './fileLink';
import { linkDevice, unlinkDevice } from './linkDevice';

const T0 = Date.now();
const DAY = 86_400_000;
const COOK = uuid(2);

const linked = async () => {
  localStorage.clear();
  const store = makeStore();
  const plan = recordOf(planOf());
  const event = { id: uuid(9), kind: 'started', at: T0 } as const;
  store.dispatch(cookStarted({ id: COOK, startedAt: T0, plan, event }));
  let listener: LinkListener | undefined;
  const closed = jest.fn();
  await linkDevice(store, 'bluetooth', COOK, (heard) => {
    listener = heard;
    return Promise.resolve(closed);
  });
  if (!listener) throw new Error('not opened');
  const readings = () =>
    selectCooks(store.getState())[0]?.events.filter(({ kind }) => kind === 'reading') ?? [];
  return { store, listener, closed, readings };
};

describe('a linked thermometer', () => {
  it('shows every reading, and records one now and then or at a jump', async () => {
    const { store, listener, readings } = await linked();
    for (let s = 0; s < 60; s += 1) {
      listener.said({ by: 'probe', celsius: 20 + s / 10, at: T0 + s * 1000 });
    }
    expect(readings()).toHaveLength(3);
    expect(store.getState().devices.last.probe?.celsius).toBeCloseTo(25.9, 9);
    // It has fallen out into the oven.
    listener.said({ by: 'probe', celsius: 90, at: T0 + 63_000 });
    expect(readings()).toHaveLength(4);
    listener.said({ by: 'oven', celsius: 108, at: T0 + 63_000 });
    expect(readings()).toHaveLength(5);
  });

  it('keeps invalid readings out of the logbook', async () => {
    const { store, listener, readings } = await linked();
    listener.said({ by: 'probe', celsius: NaN, at: T0 });
    listener.said({ by: 'probe', celsius: 9999, at: T0 });
    for (const at of [0, T0 - 2 * DAY, T0 + 2 * DAY, NaN]) {
      listener.said({ by: 'probe', celsius: 40, at });
    }
    listener.rubbish();
    expect(readings()).toHaveLength(0);
    expect(store.getState().devices.rubbish).toBe(7);
  });

  it('closes when it is unlinked, and shows why a link failed', async () => {
    const { store, closed } = await linked();
    unlinkDevice(store);
    expect(closed).toHaveBeenCalled();
    expect(store.getState().devices.source).toBeUndefined();
    await linkDevice(store, 'bluetooth', COOK, () => Promise.reject(new Error('No thermometer.')));
    expect(store.getState().devices).toMatchObject({ trouble: 'No thermometer.' });
  });

  it('by radio is let go without being called out of reach, and said to be so when it is', async () => {
    const measurement = Object.assign(new EventTarget(), {
      startNotifications: () => Promise.resolve(),
    });
    const device = Object.assign(new EventTarget(), {
      gatt: {
        connect: () =>
          Promise.resolve({
            getPrimaryService: () =>
              Promise.resolve({ getCharacteristic: () => Promise.resolve(measurement) }),
          }),
        disconnect: () => device.dispatchEvent(new Event('gattserverdisconnected')),
      },
    });
    Object.defineProperty(navigator, 'bluetooth', {
      configurable: true,
      value: { requestDevice: () => Promise.resolve(device) },
    });
    const failed = jest.fn();
    const link = () => bluetoothLink({ said: jest.fn(), rubbish: jest.fn(), failed });
    (await link())();
    expect(failed).not.toHaveBeenCalled();
    await link();
    device.dispatchEvent(new Event('gattserverdisconnected'));
    expect(failed).toHaveBeenCalledTimes(1);
  });

  it('replays a log in its own time', async () => {
    jest.useFakeTimers({ now: T0 });
    restartClock();
    const said = jest.fn();
    const log = {
      readings: [
        { seconds: 0, celsius: 5 },
        { seconds: 30, celsius: 6 },
      ],
      columns: { time: 't', temperature: 'c', unit: 'C' as const },
      firstAt: undefined,
      refused: [],
    };
    const close = await fileLink(log)({ said, rubbish: jest.fn(), failed: jest.fn() });
    jest.advanceTimersByTime(5000);
    expect(said).toHaveBeenCalledTimes(1);
    jest.advanceTimersByTime(26_000);
    expect(said).toHaveBeenLastCalledWith({ by: 'probe', celsius: 6, at: T0 + 30_000 });
    close();
    jest.useRealTimers();
  });
});
