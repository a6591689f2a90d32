/** @jest-environment node */
import { LatestSearch } from './latestSearch';

/** A search with this number of steps, each longer than a worker computes without a pause. */
function* slow(steps: number, seen: number[] = []): Generator<number, string> {
  for (let i = 0; i < steps; i += 1) {
    const until = performance.now() + 15;
    while (performance.now() < until);
    seen.push(i);
    yield i;
  }
  return 'found';
}

describe('the searches of a worker', () => {
  it('end with a result, and report progress', async () => {
    const told: number[] = [];
    expect(await new LatestSearch().finish(slow(3), (step) => told.push(step))).toBe('found');
    expect(told).toEqual([0, 1, 2]);
  });

  it('stop when a later question arrives, which gets an answer', async () => {
    const searches = new LatestSearch();
    const seen: number[] = [];
    const first = searches.finish(slow(50, seen));
    expect(await searches.finish(slow(2))).toBe('found');
    expect(await first).toBeUndefined();
    expect(seen.length).toBeLessThan(3);
  });

  it('stop on request', async () => {
    const searches = new LatestSearch();
    const found = searches.finish(slow(50));
    const wanted = searches.begin();
    expect(wanted()).toBe(true);
    searches.drop();
    expect(wanted()).toBe(false);
    expect(await found).toBeUndefined();
  });
});
