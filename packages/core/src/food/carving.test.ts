import { describe, expect, it } from '@jest/globals';
import { carvingOf } from './carving';
import { CUTS } from './cuts';
import { footprint } from './footprint';

describe('carving', () => {
  it('subtracts bone and loss, and divides the rest', () => {
    const rib = CUTS['rib-roast'];
    const whole = { weight: 3, thickness: 0.13 };
    const { served, each, slice } = carvingOf(rib, whole, 0.2, 6);
    expect(served).toBeLessThan(3 * 0.8);
    expect(served).toBeGreaterThan(3 * 0.8 * 0.75);
    expect(each).toBeCloseTo(served / 6, 12);
    expect(slice * 6).toBeCloseTo(footprint(rib, 3, 0.13).length, 12);
    const loin = carvingOf(CUTS['loin-joint'], { weight: 2, thickness: 0.085 }, 0.2, 4);
    expect(loin.served).toBeCloseTo(1.6, 12);
  });

  it('derives the length of a rolled piece from its weight', () => {
    const { length, width } = footprint(CUTS['whole-fillet'], 1.5, 0.07);
    expect(width).toBe(0.07);
    expect(length).toBeGreaterThan(0.3);
    expect(length).toBeLessThan(0.45);
  });
});
