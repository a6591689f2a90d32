import { describe, expect, it } from '@jest/globals';
import { STEAK } from '../tests';
import { addDiscrepancy, addEndDiscrepancy, DISCREPANCY_COUNT, RATE_OVER } from './discrepancy';

const at = (share: number): Float64Array => {
  const slopes = new Float64Array(DISCREPANCY_COUNT);
  addDiscrepancy(slopes, 0, STEAK, share, STEAK.target);
  return slopes;
};
const atEnd = (carried: number): Float64Array => {
  const slopes = new Float64Array(DISCREPANCY_COUNT);
  addEndDiscrepancy(slopes, 0, STEAK, STEAK.target, carried);
  return slopes;
};
/** Covariance of the error at two moments under unit normal parameters, K2. */
const covariance = (a: Float64Array, b: Float64Array): number =>
  a.reduce((sum, slope, k) => sum + slope * (b[k] ?? 0), 0);

describe('the error of the model along a cook', () => {
  it('has the same size at every moment once the core has risen, and is less alike further apart', () => {
    const [half, threeQuarters, pull] = [0.5, 0.75, 1].map(at);
    if (!half || !threeQuarters || !pull) throw new Error('no slopes');
    expect(covariance(half, half)).toBeCloseTo(covariance(pull, pull), 9);
    expect(covariance(threeQuarters, pull)).toBeGreaterThan(covariance(half, pull));
    expect(covariance(half, pull)).toBeGreaterThan(0);
  });

  it('is that of the pull at the end if nothing is carried', () => {
    expect([...atEnd(0)]).toEqual([...at(1)]);
  });

  it('goes on at its last rate for as long as the core is carried', () => {
    const parameters = [0.3, -0.2, 0.9, 0.4, -0.7, 0.1];
    const of = (slopes: Float64Array): number =>
      slopes.reduce((sum, slope, k) => sum + slope * (parameters[k] ?? 0), 0);
    const rate = (of(at(1)) - of(at(1 - RATE_OVER))) / RATE_OVER;
    for (const carried of [0.1, 0.25, 0.6])
      expect(of(atEnd(carried))).toBeCloseTo(of(at(1)) + carried * rate, 9);
  });
});
