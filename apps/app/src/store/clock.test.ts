import {
  clockMayHaveSlept,
  clockSpeed,
  deviceClockOff,
  kitchenNow,
  learnServerTime,
  resetClock,
  restartClock,
  setClockSpeed,
} from './clock';

const T0 = Date.UTC(2026, 0, 2, 19, 0);
const HOUR = 3_600_000;

/** Sets the server's clock from a round trip of this duration that ends now. */
const hear = (server: number, trip = 40): void => {
  const received = performance.now();
  learnServerTime(server, received - trip, received);
};

/** Moves the phone's own clock, not the monotonic one. */
const moveClock = (ms: number): void => {
  const mono = performance.now();
  jest.setSystemTime(Date.now() + ms);
  // Fake timers move this clock, which a browser does not.
  expect(performance.now()).toBeCloseTo(mono, -1);
};

describe('the kitchen’s clock', () => {
  beforeEach(() => {
    localStorage.clear();
    jest.useFakeTimers({ now: T0 });
    restartClock();
  });
  afterEach(() => jest.useRealTimers());

  it('follows the device until the server differs by minutes', () => {
    expect(kitchenNow()).toBe(T0);
    hear(T0 + 900);
    expect(kitchenNow()).toBe(T0);
    hear(T0 + 7 * 60_000, 0);
    expect(kitchenNow()).toBe(T0 + 7 * 60_000);
    expect(deviceClockOff()).toBe(7 * 60_000);
    hear(T0, 0);
    expect(kitchenNow()).toBe(T0);
  });

  it('believes the quickest round trip: an answer that was held back moves nothing', () => {
    hear(T0 + 7 * 60_000);
    const before = kitchenNow();
    hear(T0 + 7 * 60_000 - 22_000, 2500);
    hear(T0 + 7 * 60_000 - 44_000, 44_000);
    expect(kitchenNow()).toBe(before);
  });

  it('ignores a server whose clock was never set', () => {
    hear(12_345);
    hear(Date.UTC(2120, 0, 1));
    expect(kitchenNow()).toBe(T0);
  });

  it.each([HOUR, -HOUR, 90_000])('stamps no press by a clock that jumped by %i ms', (jump) => {
    jest.advanceTimersByTime(1000);
    expect(kitchenNow()).toBe(T0 + 1000);
    moveClock(jump);
    expect(Math.abs(kitchenNow() - (T0 + 1000))).toBeLessThan(50);
    jest.advanceTimersByTime(5000);
    expect(Math.abs(kitchenNow() - (T0 + 6000))).toBeLessThan(50);
    expect(Math.abs(deviceClockOff() + jump)).toBeLessThan(50);
    // The server is asked again, and agrees.
    hear(T0 + 6000, 0);
    expect(Math.abs(kitchenNow() - (T0 + 6000))).toBeLessThan(50);
  });

  it('stays right after the phone slept with a hidden page', () => {
    clockMayHaveSlept();
    moveClock(20 * 60_000);
    expect(kitchenNow()).toBe(T0 + 20 * 60_000);
  });

  it('stays right after a locked phone whose page ran on before it slept', () => {
    const visibility = jest.spyOn(document, 'visibilityState', 'get');
    visibility.mockReturnValue('hidden');
    clockMayHaveSlept();
    for (let s = 1; s <= 3; s += 1) {
      jest.advanceTimersByTime(1000);
      expect(kitchenNow()).toBe(T0 + s * 1000);
    }
    // Locked for five minutes, the monotonic clock stood still; a timer fires before the page is seen again.
    moveClock(5 * 60_000);
    expect(kitchenNow()).toBe(T0 + 3000 + 5 * 60_000);
    visibility.mockReturnValue('visible');
    clockMayHaveSlept();
    expect(kitchenNow()).toBe(T0 + 3000 + 5 * 60_000);
    // While the page is visible and awake, the phone's own clock is not used.
    moveClock(5 * 60_000);
    expect(Math.abs(kitchenNow() - (T0 + 3000 + 5 * 60_000))).toBeLessThan(50);
    visibility.mockRestore();
  });

  it('runs faster from where it is, slower again without a jump, and forgets it at the end', () => {
    setClockSpeed(60);
    jest.advanceTimersByTime(1000);
    expect(kitchenNow()).toBe(T0 + 60_000);
    setClockSpeed(1);
    jest.advanceTimersByTime(1000);
    expect(kitchenNow()).toBe(T0 + 61_000);
    expect(clockSpeed()).toBe(1);
    resetClock();
    expect(kitchenNow()).toBe(T0 + 2000);
  });
});
