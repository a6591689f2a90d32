import { act, renderHook } from '@testing-library/react';
import { setVolume, wakeSound } from './sound';
import { useSizzle } from './useSizzle';

/** A context without a loudspeaker: what is set on its worklet is what would be heard. */
class FakeParam {
  value = 0;
  setTargetAtTime(to: number): void {
    this.value = to;
  }
}
class FakeNode {
  readonly gain = new FakeParam();
  readonly level = new FakeParam();
  readonly parameters = new Map([['level', this.level]]);
  fftSize = 4;
  connected = false;
  source: FakeNode | undefined;
  connect(to: FakeNode): FakeNode {
    this.connected = true;
    to.source = this;
    return to;
  }
  disconnect(): void {
    this.connected = false;
  }
  getFloatTimeDomainData(samples: Float32Array): void {
    samples.fill(this.source?.level.value ?? 0);
  }
}
const made: FakeNode[] = [];
class FakeContext extends FakeNode {
  readonly destination = new FakeNode();
  readonly currentTime = 0;
  readonly state = 'running';
  readonly audioWorklet = { addModule: () => Promise.resolve() };
  resume(): Promise<void> {
    return Promise.resolve();
  }
  createGain(): FakeNode {
    return new FakeNode();
  }
  createAnalyser(): FakeNode {
    return new FakeNode();
  }
}
class FakeWorklet extends FakeNode {
  constructor() {
    super();
    made.push(this);
  }
}

describe('a pan that is heard', () => {
  beforeEach(() => jest.useFakeTimers());
  afterEach(() => jest.useRealTimers());
  const pass = (ms: number) => act(() => jest.advanceTimersByTimeAsync(ms));

  it('says where the browser makes no sound, begins with the first touch, follows the level and ends', async () => {
    const { result, rerender, unmount } = renderHook(
      ({ on, level }: { on: boolean; level: number }) => useSizzle(on, level),
      { initialProps: { on: true, level: 0.4 } },
    );
    await pass(300);
    expect(result.current).toEqual({ wrong: 'This browser makes no sound.' });

    Object.assign(globalThis, { AudioContext: FakeContext, AudioWorkletNode: FakeWorklet });
    await pass(600);
    // Not before the page was touched.
    expect(made).toHaveLength(0);
    wakeSound();
    setVolume(0.5);
    await pass(600);
    expect(made).toHaveLength(1);
    expect(result.current).toMatchObject({ is: expect.closeTo(0.4, 6) });
    rerender({ on: true, level: 0.9 });
    await pass(300);
    expect(result.current).toMatchObject({ is: expect.closeTo(0.9, 6) });

    rerender({ on: false, level: 0.9 });
    expect(result.current).toBeUndefined();
    expect(made[0]?.connected).toBe(false);
    unmount();
  });
});
