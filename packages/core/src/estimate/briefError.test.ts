import { describe, expect, it } from '@jest/globals';
import { STEAK } from '../tests';
import { briefErrors } from './briefError';

/** Information of readings on a constant, 1/K2. */
const informationOf = (errors: readonly number[]): number =>
  errors.reduce((sum, error) => sum + 1 / error ** 2, 0);

describe('the brief part of the model error', () => {
  it('makes any number of readings at one moment tell as much as one', () => {
    const one = informationOf(briefErrors(STEAK, [0.4]));
    for (const count of [2, 7, 300]) {
      const shares = Array.from({ length: count }, () => 0.4);
      expect(informationOf(briefErrors(STEAK, shares))).toBeCloseTo(one, 9);
    }
  });

  it('lets readings far from each other count as independent', () => {
    const one = informationOf(briefErrors(STEAK, [0.4]));
    expect(informationOf(briefErrors(STEAK, [0.1, 0.4, 0.7]))).toBeCloseTo(3 * one, 9);
  });

  it('grows by less than it gains readings where they are dense', () => {
    const shares = (count: number): number[] =>
      Array.from({ length: count }, (_, i) => (i + 0.5) / count);
    const [sparse, dense] = [60, 600].map((count) =>
      informationOf(briefErrors(STEAK, shares(count))),
    );
    expect((dense ?? 0) / (sparse ?? 1)).toBeLessThan(1.6);
  });
});
