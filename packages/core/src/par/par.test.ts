import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { seededRandom } from '../maths/random';
import { countChances, expected, quantile, sumChances } from './counts';
import { dateOf, dayOf, weekdayOf } from './demandDay';
import { fitDemand } from './fitDemand';
import { parFor, type ParCosts } from './parFor';
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
          const par = parFor({
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
      parFor({ demand: [day, day, day], costs, shelfDays }),
    );
    const [one, two, three] = pars;
    expect(one.ready).toBeLessThan(two.ready);
    expect(two.ready).toBeLessThanOrEqual(three.ready);
    expect(three.wasted).toBeLessThan(one.wasted);
  });

  it('prepares what the stock does not cover; old stock is used first', () => {
    const day = countChances({ mean: 8, dispersion: 0.1 });
    const question = { demand: [day, day] as const, costs, shelfDays: 2 };
    const bare = parFor(question);
    const some = parFor({ ...question, stock: { count: 5, age: 1 } });
    expect(some.prepare).toBe(some.ready - 5);
    expect(Math.abs(some.ready - bare.ready)).toBeLessThanOrEqual(1);
    expect(parFor({ ...question, stock: { count: 40, age: 1 } }).prepare).toBe(0);
  });
});
