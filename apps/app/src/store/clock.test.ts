import { clockSpeed, kitchenNow, learnServerTime, resetClock, setClockSpeed } from './clock';

const T0 = Date.UTC(2026, 0, 2, 19, 0);

describe('the kitchen’s clock', () => {
  beforeEach(() => jest.useFakeTimers({ now: T0 }));
  afterEach(() => {
    learnServerTime(Date.now());
    jest.useRealTimers();
  });

  it('is the device’s, until the server says the device is wrong by minutes', () => {
    expect(kitchenNow()).toBe(T0);
    learnServerTime(T0 + 900);
    expect(kitchenNow()).toBe(T0);
    learnServerTime(T0 + 7 * 60_000);
    expect(kitchenNow()).toBe(T0 + 7 * 60_000);
    // An answer that took long says little about the time.
    learnServerTime(T0 + 50 * 60_000, T0 - 20_000);
    expect(kitchenNow()).toBe(T0 + 7 * 60_000);
    learnServerTime(T0);
    expect(kitchenNow()).toBe(T0);
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
