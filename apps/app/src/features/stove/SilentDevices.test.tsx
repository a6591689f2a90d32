import { act, screen } from '@testing-library/react';
import { DEFAULT_OVEN } from '@crustan/core/gear/ovenBody';
import { DEFAULT_PAN } from '@crustan/core/gear/pan';
import { renderWithStore } from '../../renderWithStore';
import { restartClock } from '../../store/clock';
import { deviceLinked, deviceSaid } from '../../store/devicesSlice';
import { planOf, recordOf, uuid } from '../../testing';
import { beep } from '../../ui/calls';
import { DeviceLine } from './DeviceLine';
import { liveCook } from './liveCook';
import { SilentDevices } from './SilentDevices';

jest.mock('../../ui/calls', () => ({ beep: jest.fn(), buzz: jest.fn() }));

const T0 = Date.UTC(2026, 0, 2, 19, 0);
const cook = {
  ...{ id: uuid(2), startedAt: T0, startKnown: true, refused: {}, known: [] },
  plan: recordOf(planOf(), T0 + 3_600_000),
  events: [{ id: uuid(50), kind: 'in' as const, at: T0 }],
};
const live = liveCook(cook, { pan: DEFAULT_PAN, oven: DEFAULT_OVEN }, undefined);

describe('a thermometer that stops sending', () => {
  beforeEach(() => {
    jest.useFakeTimers({ now: T0 });
    jest.clearAllMocks();
    restartClock();
  });
  afterEach(() => jest.useRealTimers());

  /** Both parts, with a probe and an infrared thermometer that sent at this interval for a minute. */
  const sending = (every: number) => {
    const { store } = renderWithStore(
      <>
        <SilentDevices />
        <DeviceLine live={live} />
      </>,
    );
    const say = (by: 'probe' | 'gun', celsius: number): void =>
      act(() => void store.dispatch(deviceSaid({ by, celsius, at: Date.now() })));
    act(() => void store.dispatch(deviceLinked({ source: 'bluetooth', cook: uuid(2) })));
    for (let s = 0; s <= 60; s += every) {
      say('probe', 30 + s / 10);
      say('gun', 160);
      if (s < 60) act(() => void jest.advanceTimersByTime(every * 1000));
    }
    return say;
  };

  it.each([5, 20])('is called silent after three missed intervals of %i s, once', (every) => {
    const say = sending(every);
    act(() => void jest.advanceTimersByTime(2.9 * every * 1000));
    expect(screen.queryByTestId('silent-device')).toBeNull();
    expect(screen.getByText(/^The pan is/)).toBeTruthy();
    act(() => void jest.advanceTimersByTime(0.2 * every * 1000 + 2000));
    expect(screen.getByTestId('silent-device').textContent).toMatch(
      /^Probe silent for \d.*, last 36\.0 °C\. Check the thermometer and its link\./,
    );
    expect(beep).toHaveBeenCalledTimes(1);
    expect(beep).toHaveBeenCalledWith('trouble');
    // The readings have an age, and an old pan reading gives no advice about the present pan.
    expect(screen.getByText(/^probe 36\.0 °C \(.* ago\) · pan 160° \(.* ago\)$/)).toBeTruthy();
    expect(screen.queryByText(/^The pan is/)).toBeNull();
    act(() => void jest.advanceTimersByTime(60_000));
    expect(beep).toHaveBeenCalledTimes(1);
    say('probe', 40);
    say('gun', 160);
    expect(screen.queryByTestId('silent-device')).toBeNull();
    expect(screen.getByText('probe 40.0 °C · pan 160°')).toBeTruthy();
  });
});
