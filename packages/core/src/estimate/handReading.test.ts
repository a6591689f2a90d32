import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { handReading, type HandPlacing } from './handReading';
import { PROBE_DEPTHS } from './tracedRun';

const PLACED: HandPlacing = { stem: 'top', thickness: 0.03, lowest: false };

/** A profile that is coldest in the middle: so much at the middle, so much more at the faces. */
const bowl =
  (core: number, over: number) =>
  (depth: number): number =>
    core + over * (PROBE_DEPTHS[depth] ?? NaN) ** 2;

describe('a reading by hand', () => {
  it('of an even piece is its temperature, with no spread', () => {
    const { expected, spread } = handReading(() => 52, PLACED);
    expect(expected).toBe(52);
    expect(spread).toBe(0);
  });

  it('reads over the core of a hot piece: less from the side, least the lowest of three', () => {
    const over = (change: Partial<HandPlacing>): number =>
      handReading(bowl(45, 40), { ...PLACED, ...change }).expected - 45;
    expect(over({})).toBeGreaterThan(1);
    expect(over({ stem: 'side' })).toBeLessThan(over({}) / 2);
    expect(over({ lowest: true })).toBeLessThan(over({}) / 2);
    expect(over({ thickness: 0.015 })).toBeGreaterThan(over({}));
  });

  it('is expected between the nearest and the furthest that a hand comes to, never under the coldest', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 60, noNaN: true }),
        fc.double({ min: 0, max: 60, noNaN: true }),
        fc.double({ min: 0.01, max: 0.06, noNaN: true }),
        fc.constantFrom('top', 'side'),
        fc.boolean(),
        (core, over, thickness, stem, lowest) => {
          const { expected, spread } = handReading(bowl(core, over), { stem, thickness, lowest });
          expect(spread).toBeGreaterThanOrEqual(0);
          expect(expected - spread).toBeGreaterThanOrEqual(core - 1e-9);
          expect(expected + spread).toBeLessThanOrEqual(core + over + 1e-9);
        },
      ),
    );
  });

  it('weighs above and below alike: a gradient from one face to the other cancels', () => {
    const slope = (depth: number): number => 50 + 12 * (PROBE_DEPTHS[depth] ?? NaN);
    expect(handReading(slope, PLACED).expected).toBeCloseTo(50, 9);
  });
});
