import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { seededRandom } from '../maths/random';
import { countChances, expected, quantile, sumChances } from './counts';
import { dateOf, dayOf, weekdayOf } from './demandDay';
import { closedDays } from './closedDays';
import { fitDemand } from './fitDemand';
import { fitMenu } from './fitMenu';
import { optimizePrepCount, type ParCosts } from './optimizePrepCount';
import { drawCount } from './drawCount';

const MONDAY = dayOf('2026-03-02');

describe('counts', () => {
  it('have the mean and the variance of their forecast', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.2, max: 60, noNaN: true }),
        fc.double({ min: 0, max: 0.6, noNaN: true }),
        (mean, dispersion) => {
          const chances = countChances({ mean, dispersion });
          const found = expected(chances, (n) => n);
          const variance = expected(chances, (n) => (n - found) ** 2);
          expect(found / mean).toBeCloseTo(1, 2);
          expect(variance / (mean + dispersion * mean * mean)).toBeCloseTo(1, 1);
        },
      ),
    );
  });

  it('of two dishes add up', () => {
    const [a, b] = [
      countChances({ mean: 4, dispersion: 0.1 }),
      countChances({ mean: 7, dispersion: 0 }),
    ];
    const sum = sumChances(a, b);
    expect(expected(sum, () => 1)).toBeCloseTo(1, 6);
    expect(expected(sum, (n) => n)).toBeCloseTo(11, 4);
    expect(quantile(sum, 0.5)).toBeGreaterThan(8);
  });
});

describe('a dish’s demand', () => {
  it('knows the weekday of a date', () => {
    expect(weekdayOf(MONDAY)).toBe(1);
    expect(dateOf(MONDAY + 6)).toBe('2026-03-08');
    expect(weekdayOf(dayOf('1969-12-31'))).toBe(3);
  });

  it('finds weekdays and a trend, and the overdispersion, from a season of counts', () => {
    const random = seededRandom(3);
    const meanOf = (day: number): number =>
      12 * (weekdayOf(day) === 6 ? 1.7 : 1) * Math.exp((0.1 * (day - MONDAY)) / 28);
    const history = Array.from({ length: 168 }, (_, i) => {
      const day = MONDAY + i;
      const count = drawCount(random, { mean: meanOf(day), dispersion: 0.1 });
      return { date: dateOf(day), count };
    });
    const fit = fitDemand(history);
    for (const ahead of [1, 2, 3, 4, 5, 6, 7]) {
      const day = MONDAY + 167 + ahead;
      expect(fit.on(day).mean / meanOf(day)).toBeGreaterThan(0.78);
      expect(fit.on(day).mean / meanOf(day)).toBeLessThan(1.28);
    }
    expect(fit.trend).toBeGreaterThan(0);
    expect(fit.dispersion).toBeGreaterThan(0.05);
    expect(fit.dispersion).toBeLessThan(0.18);
  });

  it('stays near the average of three days, and says it is less sure than after a season', () => {
    const few = fitDemand([4, 6, 5].map((count, i) => ({ date: dateOf(MONDAY + i), count })));
    const many = fitDemand(
      Array.from({ length: 90 }, (_, i) => ({ date: dateOf(MONDAY + i), count: 4 + (i % 3) })),
    );
    expect(few.on(MONDAY + 5).mean).toBeGreaterThan(3);
    expect(few.on(MONDAY + 5).mean).toBeLessThan(8);
    expect(few.on(MONDAY + 3).dispersion).toBeGreaterThan(2 * many.on(MONDAY + 90).dispersion);
    expect(fitDemand([]).on(MONDAY).mean).toBeGreaterThan(0);
  });
});

describe('a house', () => {
  const dishes = [6, 9, 4];
  const WEEKS = 12;
  /** Counts of a house that is closed on Mondays: without rows, or with rows of 0. */
  const historyOf = (rows: boolean) =>
    Array.from({ length: 7 * WEEKS }, (_, i) => MONDAY + i).flatMap((day) => {
      const closed = weekdayOf(day) === 1;
      if (closed && !rows) return [];
      return dishes.map((mean, dish) => ({
        date: dateOf(day),
        dish: `d${dish}`,
        count: closed ? 0 : mean + ((day + dish) % 3) - 1,
      }));
    });

  it.each([true, false])('closed days are no days without demand (rows of 0: %s)', (rows) => {
    const history = historyOf(rows);
    expect(closedDays(history).weekdays).toEqual([
      false,
      true,
      ...[false, false, false, false, false],
    ]);
    const fits = fitMenu(history);
    const monday = MONDAY + 7 * WEEKS;
    dishes.forEach((mean, dish) => {
      const fit = fits.get(`d${dish}`);
      expect(fit?.on(monday).mean).toBe(0);
      expect(countChances(fit?.on(monday) ?? { mean: 1, dispersion: 0 })).toEqual([1]);
      for (const ahead of [1, 2, 5]) {
        expect((fit?.on(monday + ahead).mean ?? 0) / mean).toBeCloseTo(1, 0);
      }
    });
  });

  it('one quiet day of a small house is not taken for a closed one', () => {
    const quiet = [0, 1, 2, 0, 1, 1, 0, 2, 1].map((count, i) => ({
      ...{ date: dateOf(MONDAY + i), dish: 'd', count },
    }));
    expect(closedDays(quiet).dates.size).toBe(0);
    expect(closedDays(quiet).weekdays.every((closed) => !closed)).toBe(true);
  });

  it('a new dish is expected to sell as dishes like it, and its own days take over', () => {
    const history = historyOf(true);
    const likeIt = new Map([['new', ['d1']]]);
    const last = MONDAY + 7 * WEEKS;
    const on = (counts: readonly number[]): number => {
      const mine = counts.map((count, i) => ({
        ...{ date: dateOf(last - counts.length + i), dish: 'new', count },
      }));
      return (
        fitMenu([...history, ...mine], likeIt)
          .get('new')
          ?.on(last + 2).mean ?? NaN
      );
    };
    expect(on([]) / 9).toBeCloseTo(1, 0);
    const few = on([3, 3]);
    expect(few).toBeGreaterThan(3);
    expect(few).toBeLessThan(8);
    expect(on(Array(13).fill(3))).toBeLessThan(few);
    // Without any other dish nothing is known of one that was never ordered.
    expect(fitMenu([], likeIt).has('new')).toBe(false);
  });

  it('follows a level that has changed with the season', () => {
    const level = (day: number): number => (day < MONDAY + 250 ? 10 : 5);
    const history = Array.from({ length: 340 }, (_, i) => ({
      date: dateOf(MONDAY + i),
      dish: 'd',
      count: level(MONDAY + i) + (i % 3) - 1,
    }));
    const found =
      fitMenu(history)
        .get('d')
        ?.on(MONDAY + 341).mean ?? NaN;
    expect(found).toBeLessThan(6.5);
    expect(found).toBeGreaterThan(3.5);
  });
});

describe('the par', () => {
  const costs: ParCosts = { tooFew: 6, kept: 1, wasted: 4 };

  it('of one day is the newsvendor’s quantile', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 30, noNaN: true }),
        fc.double({ min: 0.5, max: 20, noNaN: true }),
        fc.double({ min: 0.5, max: 20, noNaN: true }),
        (mean, tooFew, wasted) => {
          const demand = countChances({ mean, dispersion: 0.15 });
          const par = optimizePrepCount({
            demand: [demand],
            costs: { tooFew, kept: 0, wasted },
            shelfDays: 1,
          });
          expect(par.ready).toBe(quantile(demand, tooFew / (tooFew + wasted)));
          expect(par.oneMore).toBeGreaterThanOrEqual(0);
          expect(par.oneFewer ?? 0).toBeGreaterThanOrEqual(0);
        },
      ),
    );
  });

  it('is larger for what keeps longer, and less of it is thrown away', () => {
    const day = countChances({ mean: 8, dispersion: 0.2 });
    const pars = [1, 2, 3].map((shelfDays) =>
      optimizePrepCount({ demand: [day, day, day], costs, shelfDays }),
    );
    const [one, two, three] = pars;
    expect(one.ready).toBeLessThan(two.ready);
    expect(two.ready).toBeLessThanOrEqual(three.ready);
    expect(three.wasted).toBeLessThan(one.wasted);
  });

  it('prepares what the stock does not cover; old stock is used first', () => {
    const day = countChances({ mean: 8, dispersion: 0.1 });
    const question = { demand: [day, day] as const, costs, shelfDays: 2 };
    const bare = optimizePrepCount(question);
    const some = optimizePrepCount({ ...question, stock: { count: 5, age: 1 } });
    expect(some.prepare).toBe(some.ready - 5);
    expect(Math.abs(some.ready - bare.ready)).toBeLessThanOrEqual(1);
    expect(optimizePrepCount({ ...question, stock: { count: 40, age: 1 } }).prepare).toBe(0);
  });
});
