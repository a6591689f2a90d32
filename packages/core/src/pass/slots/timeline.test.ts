import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { seededRandom } from '../../maths/random';
import { runsOf } from '../../tests/tier';
import { CapacityTimeline, HeatedTimeline } from './timeline';

const SLOTS = 120;
const CAPACITY = 100;
const whole = (random: () => number, below: number): number => Math.floor(random() * below);

/** A pan with a few pieces in it, at temperatures that take slots to change. */
const drawnPlace = (random: () => number): HeatedTimeline => {
  const place = new HeatedTimeline(SLOTS, 5, CAPACITY, 20, 200, (from, to) =>
    Math.round(Math.abs(from - to) / 3),
  );
  for (let i = 0; i < 6; i += 1) {
    const [from, length] = [whole(random, SLOTS), 1 + whole(random, 20)];
    const [celsius, amount] = [180 + 15 * whole(random, 5), 20 + whole(random, 60)];
    if (place.findConflict(from, from + length, celsius, amount) === undefined) {
      place.take(from, from + length, celsius, amount);
    }
  }
  return place;
};

describe('starts that are cleared in one pass', () => {
  it('are those at which a pan or an oven refuses the stay', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), (seed) => {
        const random = seededRandom(seed);
        const place = drawnPlace(random);
        const [from, length] = [whole(random, 15), 1 + whole(random, 25)];
        const [celsius, amount] = [180 + 15 * whole(random, 5), 20 + whole(random, 60)];
        const base = whole(random, SLOTS);
        const free = new Uint8Array(1 + whole(random, SLOTS)).fill(1);
        place.clear(free, base, { from, length, celsius, amount });
        const asked = [...free.keys()].map((k) => {
          const begins = base + k + from;
          return place.findConflict(begins, begins + length, celsius, amount) === undefined ? 1 : 0;
        });
        expect([...free]).toEqual(asked);
      }),
      { numRuns: runsOf(300, 60) },
    );
  });

  it('are those at which no hand is free', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), (seed) => {
        const random = seededRandom(seed);
        const hands = new CapacityTimeline(SLOTS, 2);
        for (let i = 0; i < 15; i += 1) {
          const from = whole(random, SLOTS);
          hands.take(from, from + 1 + whole(random, 8));
        }
        const [from, length] = [whole(random, 15), 1 + whole(random, 25)];
        const base = whole(random, SLOTS);
        const free = new Uint8Array(1 + whole(random, SLOTS)).fill(1);
        hands.clear(free, base, from, length);
        const asked = [...free.keys()].map((k) => {
          const begins = base + k + from;
          return hands.fits(begins, begins + length) ? 1 : 0;
        });
        expect([...free]).toEqual(asked);
      }),
      { numRuns: runsOf(300, 60) },
    );
  });
});
