import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import {
  predictHandReading,
  HANDS,
  placesGiven,
  shownByHand,
  type Hand,
  type HandPlacing,
  type HandReading,
} from './handReading';
import { PROBE_DEPTHS } from './tracedRun';

const USUAL_HAND: Hand = { scatter: 0.003, prior: 1 };
const PLACED: HandPlacing = { stem: 'top', thickness: 0.03, lowest: false };

/** Reading that is predicted for a hand without earlier readings. */
const readBy = (seen: (depth: number) => number, placing: HandPlacing, hand: Hand): HandReading =>
  predictHandReading(shownByHand(seen, placing, hand));

/** A profile that is coldest in the middle: its value there, and the excess at the faces. */
const bowl =
  (core: number, over: number) =>
  (depth: number): number =>
    core + over * (PROBE_DEPTHS[depth] ?? NaN) ** 2;

describe('a reading by hand', () => {
  it('equals the temperature of an isothermal piece, without spread', () => {
    const { expected, spread } = readBy(() => 52, PLACED, USUAL_HAND);
    expect(expected).toBeCloseTo(52, 9);
    expect(spread).toBeCloseTo(0, 9);
  });

  it('exceeds the core of a hot piece: less from the side, least as the lowest of three', () => {
    const over = (change: Partial<HandPlacing>): number =>
      readBy(bowl(45, 40), { ...PLACED, ...change }, USUAL_HAND).expected - 45;
    expect(over({})).toBeGreaterThan(1);
    expect(over({ stem: 'side' })).toBeLessThan(over({}) / 2);
    expect(over({ lowest: true })).toBeLessThan(over({}) / 2);
    expect(over({ thickness: 0.015 })).toBeGreaterThan(over({}));
  });

  it('equals the middle for an exact hand, and exceeds it more for a careless one', () => {
    const [exact, usual, careless] = HANDS.map((hand) => readBy(bowl(45, 40), PLACED, hand));
    expect(exact?.expected).toBeLessThan(45.3);
    expect(usual?.expected).toBeGreaterThan(exact?.expected ?? NaN);
    expect(careless?.expected).toBeGreaterThan(usual?.expected ?? NaN);
    expect(careless?.spread).toBeGreaterThan(usual?.spread ?? NaN);
    expect(HANDS.reduce((sum, { prior }) => sum + prior, 0)).toBeCloseTo(1, 9);
  });

  it('lies between the middle and the surface, with a spread within them', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 60, noNaN: true }),
        fc.double({ min: 0, max: 60, noNaN: true }),
        fc.double({ min: 0.01, max: 0.06, noNaN: true }),
        fc.constantFrom('top', 'side'),
        fc.boolean(),
        (core, over, thickness, stem, lowest) => {
          const { expected, spread } = readBy(
            bowl(core, over),
            { stem, thickness, lowest },
            USUAL_HAND,
          );
          expect(spread).toBeGreaterThanOrEqual(0);
          expect(expected).toBeGreaterThanOrEqual(core - 1e-9);
          expect(expected + spread).toBeLessThanOrEqual(core + over + 1e-9);
        },
      ),
    );
  });

  it('has little weight if it is far too hot, since it lay off the middle', () => {
    const shown = shownByHand(bowl(45, 40), PLACED, { scatter: 0.004, prior: 1 });
    const before = predictHandReading(shown);
    const hot = predictHandReading(shown, placesGiven(shown, 62, 4));
    const cool = predictHandReading(shown, placesGiven(shown, 45, 4));
    // Each is weighed against what its own place shows.
    expect(hot.expected).toBeGreaterThan(before.expected + 2);
    expect(cool.expected).toBeLessThan(before.expected);
    expect(cool.spread).toBeLessThan(before.spread);
  });

  it('averages above and below the middle: a linear gradient cancels', () => {
    const slope = (depth: number): number => 50 + 12 * (PROBE_DEPTHS[depth] ?? NaN);
    expect(readBy(slope, PLACED, USUAL_HAND).expected).toBeCloseTo(50, 9);
  });
});
