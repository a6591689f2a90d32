import { runLater } from './runLater';

describe('what comes in a chunk of its own', () => {
  beforeEach(() => {
    jest.useFakeTimers();
  });
  afterEach(() => {
    jest.useRealTimers();
  });

  it('is fetched until it has come, and ended once', async () => {
    const end = jest.fn();
    const begin = jest
      .fn<Promise<() => void>, []>()
      .mockRejectedValueOnce(new Error('no network'))
      .mockResolvedValue(end);
    const stop = runLater(begin);
    await jest.advanceTimersByTimeAsync(3000);
    expect(begin).toHaveBeenCalledTimes(1);
    await jest.advanceTimersByTimeAsync(2000);
    expect(begin).toHaveBeenCalledTimes(2);
    stop();
    expect(end).toHaveBeenCalledTimes(1);
  });

  it('is ended as soon as it has begun where it was stopped before', async () => {
    const end = jest.fn();
    const stop = runLater(() => Promise.resolve(end));
    stop();
    await jest.advanceTimersByTimeAsync(0);
    expect(end).toHaveBeenCalledTimes(1);
  });
});
