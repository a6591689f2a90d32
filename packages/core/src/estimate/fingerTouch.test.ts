import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { FIRMNESSES, firmnessAt, firmnessRange } from '../doneness/firmness';
import { isUnlikelyTouch, touchObservation } from './fingerTouch';

const SLOPES = new Float64Array(3);
const celsius = fc.double({ min: 0, max: 90, noNaN: true });
const firmness = fc.constantFrom(...FIRMNESSES);

describe('a felt firmness', () => {
  it('is felt within its own range of core temperatures, and a hotter middle is never softer', () => {
    fc.assert(
      fc.property(celsius, (core) => {
        const [from, to] = firmnessRange(firmnessAt(core));
        expect(core).toBeGreaterThanOrEqual(from);
        expect(core).toBeLessThan(to);
      }),
    );
    expect([40, 50, 55, 61, 75].map(firmnessAt)).toEqual([...FIRMNESSES]);
  });

  it('agrees with a core in its range, and draws another to the nearer end', () => {
    fc.assert(
      fc.property(firmness, celsius, (felt, core) => {
        const { measured } = touchObservation(felt, undefined, core, SLOPES, 1);
        const [from, to] = firmnessRange(felt);
        expect(measured).toBe(core < from ? from : core > to ? to : core);
      }),
    );
  });

  it('is corrected by the bias of the finger, and weighs more from a practised one', () => {
    const off = touchObservation('firm', { bias: 3, spread: 4 }, 40, SLOPES, 1);
    expect(off.measured).toBe(57);
    const usual = touchObservation('firm', undefined, 40, SLOPES, 1);
    expect(off.sigma).toBeLessThan(usual.sigma);
    // A drill does not show how meat of another age feels.
    const perfect = touchObservation('firm', { bias: 0, spread: 0 }, 40, SLOPES, 1);
    expect(perfect.sigma).toBeGreaterThan(3);
  });

  it('is unlikely of a piece that cannot be so by far, and never of the firmness that is expected', () => {
    fc.assert(fc.property(celsius, (core) => !isUnlikelyTouch(firmnessAt(core), core)));
    expect(isUnlikelyTouch('springy', 8)).toBe(true);
    expect(isUnlikelyTouch('yielding', 40)).toBe(false);
    expect(isUnlikelyTouch('soft', 70)).toBe(true);
  });

  it('counts once however often it is felt: the finger’s error is the same each time', () => {
    const information = (touches: number): number =>
      touches / touchObservation('springy', undefined, 40, SLOPES, touches).sigma ** 2;
    expect(information(5)).toBeCloseTo(information(1), 12);
  });
});
