import { runLater } from './runLater';

describe('a function in a separate chunk', () => {
  beforeEach(() => {
    jest.useFakeTimers();
  });
  afterEach(() => {
    jest.useRealTimers();
  });

  it('loads with retries, and ends once', async () => {
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

  it('ends at once if it was stopped before it began', async () => {
    const end = jest.fn();
    const stop = runLater(() => Promise.resolve(end));
    stop();
    await jest.advanceTimersByTimeAsync(0);
    expect(end).toHaveBeenCalledTimes(1);
  });
});
