import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { DRYING_PLACES, faceDried } from './fridgeDrying';

const DAY = 86_400;
const WATER = 750;

describe('drying in the fridge', () => {
  it('loses more with time at a falling rate, within the range of fridges', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...DRYING_PLACES),
        fc.integer({ min: 3600, max: 4 * DAY }),
        (place, seconds) => {
          const { likely, least, most } = faceDried(place, seconds, WATER);
          expect(least).toBeGreaterThan(0);
          expect(likely).toBeGreaterThan(least);
          expect(most).toBeGreaterThan(likely);
          const longer = faceDried(place, 2 * seconds, WATER).likely;
          expect(longer).toBeGreaterThan(likely);
          expect(longer).toBeLessThanOrEqual(2 * likely + 1e-12);
        },
      ),
    );
  });

  it('dries more with a fan; a steak loses some per cent in two days', () => {
    const [rack, fan] = [faceDried('rack', 2 * DAY, WATER), faceDried('fan', 2 * DAY, WATER)];
    expect(fan.likely).toBeGreaterThan(1.3 * rack.likely);
    const share = (2 * rack.likely) / (1060 * 0.03);
    expect(share).toBeGreaterThan(0.02);
    expect(share).toBeLessThan(0.06);
  });

  it('fresh meat dries by the film of the air alone: a wet face at its wet bulb', () => {
    // Still air at 4 C, 75 %: a face some 1 K under it, about 14 g/m2 an hour.
    const hour = faceDried('rack', 3600, WATER).likely;
    expect(hour).toBeGreaterThan(0.01);
    expect(hour).toBeLessThan(0.02);
  });
});
