import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { CAPACITY_IRON, TwoZonePan, type Iron } from '..';

const IRON: Iron = { mass: 2.4, diameter: 0.26, power: 1200 };
const FOOD = 0.011;

describe('a pan in two zones', () => {
  it('left alone, an empty pan stays where the knob held it', () => {
    const pan = new TwoZonePan(IRON, 1e-4, 215, 'left');
    pan.follow(900, 0);
    expect(Math.abs(pan.mean - 215)).toBeLessThan(6);
  });

  it('food cools the floor under it most; a knob turned up takes most of it back', () => {
    const after = (knob: 'left' | 'up' | 'full'): TwoZonePan => {
      const pan = new TwoZonePan(IRON, FOOD, 215, knob);
      pan.follow(180, 350);
      return pan;
    };
    const [left, up, full] = [after('left'), after('up'), after('full')];
    expect(left.under).toBeLessThan(left.rest - 10);
    expect(left.under).toBeGreaterThan(100);
    expect(up.under).toBeGreaterThan(left.under + 15);
    expect(full.under).toBeGreaterThan(up.under);
  });

  it('a turn onto fresh iron is hotter, onto the same spot not, and neither makes heat', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.001, max: 0.05, noNaN: true }),
        fc.constantFrom('fresh', 'same'),
        (area, spot) => {
          const pan = new TwoZonePan(IRON, area, 215, 'left', spot);
          pan.follow(60, 400 * (area / FOOD));
          const { under, mean } = pan;
          pan.turn();
          expect(pan.mean).toBeCloseTo(mean, 9);
          if (spot === 'same') expect(pan.under).toBe(under);
          else expect(pan.under).toBeGreaterThanOrEqual(under);
        },
      ),
    );
  });

  it('keeps its ledger: what the burner gives is stored, lost or eaten', () => {
    const pan = new TwoZonePan({ ...IRON, power: 900 }, FOOD, 22, 'full', 'fresh', 22);
    // So short and cool that hardly anything is lost.
    pan.follow(20, 100);
    const stored = IRON.mass * CAPACITY_IRON * (pan.mean - 22);
    expect(stored / (20 * (900 - 100))).toBeGreaterThan(0.97);
    expect(stored / (20 * (900 - 100))).toBeLessThan(1);
  });

  it('comes up gently and holds, whatever the knob is said to do', () => {
    const pan = new TwoZonePan(IRON, FOOD, 22, 'full');
    pan.comeUpTo(160, 0.5);
    expect(pan.power).toBe(600);
    pan.follow(1800, 0);
    expect(Math.abs(pan.mean - 160)).toBeLessThan(12);
  });

  it('is put back as it was', () => {
    const pan = new TwoZonePan(IRON, FOOD, 215);
    pan.follow(30, 300);
    const kept = pan.snapshot();
    pan.save(kept);
    pan.follow(30, 300);
    const { under, rest } = pan;
    pan.restore(kept);
    pan.follow(30, 300);
    expect([pan.under, pan.rest]).toEqual([under, rest]);
  });
});
