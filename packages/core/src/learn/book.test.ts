import { describe, expect, it } from '@jest/globals';
import { eventsFromMemory } from '../cook/eventsFromMemory';
import { cookState } from '../cook/cookState';
import { planOf, STEAK } from '../tests';
import { favourites, type FavouriteLine } from './favourites';
import { endError, LOOKS_BACK, pullError, trendOf, type TrendLine } from './trend';

describe('a cook written down afterwards', () => {
  it.each([
    ['turned once', STEAK],
    ['turned often', { ...STEAK, way: 'often' as const }],
    [
      'through the oven',
      { ...STEAK, thickness: 0.04, weight: 0.5, way: 'sear-oven-sear' as const },
    ],
  ])('%s, is whole, in order, and lasts as long as was said', (_name, request) => {
    const plan = planOf(request);
    const inAt = Date.UTC(2026, 4, 1, 19);
    let n = 0;
    const written = { inAt, cookedSeconds: plan.cookSeconds * 1.2, restSeconds: 400 };
    const events = eventsFromMemory(plan, written, () => `e${(n += 1)}`);
    const state = cookState(plan, inAt, events);
    expect(state.place).toBe('sliced');
    expect(state.inAt).toBe(inAt);
    expect((state.pulledAt ?? 0) - inAt).toBeCloseTo(plan.cookSeconds * 1200, -1);
    expect((state.slicedAt ?? 0) - (state.pulledAt ?? 0)).toBeCloseTo(400_000, -1);
    expect(state.turnedAt.length).toBe(plan.turns.length);
    expect(new Set(events.map(({ id }) => id)).size).toBe(events.length);
  });
});

describe('what a kitchen likes', () => {
  const line = (n: number, more: Partial<FavouriteLine> = {}): FavouriteLine => ({
    id: `c${n}`,
    cut: 'ribeye',
    way: 'once',
    pan: 215,
    target: 56,
    thickness: 0.03,
    ...more,
  });

  it('is the way it said it would have again most often, with the middle of its settings', () => {
    const [best] = favourites([
      line(1, { way: 'often', again: 'again', pan: 230 }),
      line(2, { way: 'often', again: 'again', pan: 210 }),
      line(3, { way: 'once', again: 'again' }),
      line(4, { way: 'once', again: 'never' }),
      line(5, { way: 'once', again: 'with-change' }),
    ]);
    expect(best).toMatchObject({ way: 'often', pan: 220, liked: 2, cooks: 5, id: 'c1' });
  });

  it('takes the crust’s word where nothing was said, and none where nothing was liked', () => {
    expect(favourites([line(1, { crust: 'deep-brown' })])).toHaveLength(1);
    expect(favourites([line(1, { crust: 'pale' }), line(2)])).toEqual([]);
    const own = [line(1, { own: 'Aunt’s roast', again: 'again' }), line(2, { again: 'again' })];
    expect(favourites(own).map((one) => one.own)).toEqual(['Aunt’s roast', undefined]);
  });
});

describe('trends', () => {
  const lines = Array.from({ length: 20 }, (_, i): TrendLine => ({
    createdAt: 1000 * (20 - i),
    target: 54,
    endTemperature: 54 + (i % 2 === 0 ? 2 : -2),
    ...(i < 5 ? {} : { pullAt: 600, actualPull: 630 }),
  }));

  it('go from the oldest to the newest, of the cooks that have the figure', () => {
    const { at, value } = trendOf(lines, endError);
    expect(at).toEqual([...at].toSorted((a, b) => a - b));
    expect(value).toHaveLength(20);
    expect(trendOf(lines, pullError).value).toEqual(Array(15).fill(30));
    expect(trendOf([], endError)).toEqual({ at: [], value: [], running: [] });
  });

  it('run on the size of what is off: hot and cold do not cancel', () => {
    const { running } = trendOf(lines, endError);
    expect(running.slice(LOOKS_BACK)).toEqual(Array(20 - LOOKS_BACK).fill(2));
  });
});
