import { describe, expect, it } from '@jest/globals';
import { cookEventSchema, judgementSchema } from '@crustan/core/formats';
import { cookState } from '@crustan/core/cook';
import { normal, seededRandom } from '@crustan/core/maths';
import { planOf } from '@crustan/core/tests';
import { FIRST_GEAR } from '@crustan/core/learn';
import { TRUE_KITCHEN } from './scenario';
import { newId, REQUEST, T0 } from '../testing';
import { cookInTrueKitchen } from './cookInTrueKitchen';

describe('a true kitchen', () => {
  const plan = planOf(REQUEST);
  const cook = (seed: number, of = plan) =>
    cookInTrueKitchen(
      of,
      T0,
      'noted',
      { traits: TRUE_KITCHEN, gear: FIRST_GEAR },
      seededRandom(seed),
      newId,
    );

  it('returns the same cook for the same seed, and another for another', () => {
    const times = (seed: number) => cook(seed).events.map(({ kind, at }) => [kind, at]);
    expect(times(3)).toEqual(times(3));
    expect(times(3)).not.toEqual(times(4));
  });

  it('tells what the logbook can keep, in the order of a cook', () => {
    for (const [seed, of] of [
      [1, plan],
      [2, planOf({ ...REQUEST, way: 'often' })],
      [3, planOf({ ...REQUEST, thickness: 0.04, weight: 0.45, way: 'sear-oven-sear' })],
      [4, planOf({ ...REQUEST, edges: 'both', baste: 60 })],
    ] as const) {
      const { events, judgement } = cook(seed, of);
      for (const event of events) expect(cookEventSchema.parse(event)).toEqual(event);
      expect(judgementSchema.parse(judgement)).toEqual(judgement);
      const state = cookState(of, T0, events);
      expect(events.filter(({ kind }) => kind === 'into-oven' || kind === 'out')).toHaveLength(
        seed === 3 ? 2 : 0,
      );
      expect(state.place).toBe('sliced');
      expect(state.turnedAt.every((at) => at > (state.inAt ?? Infinity))).toBe(true);
      expect(state.pulledAt).toBeGreaterThan(state.turnedAt.at(-1) ?? Infinity);
    }
  });

  it('ends near the target but hardly ever on it', () => {
    const misses = [5, 6, 7, 8, 9].map(
      (seed) => (cook(seed).judgement.endTemperature ?? NaN) - REQUEST.target,
    );
    for (const miss of misses) expect(Math.abs(miss)).toBeLessThan(9);
    expect(new Set(misses).size).toBeGreaterThan(3);
  });
});

it('the generator is uniform enough, and its normal about normal', () => {
  const random = seededRandom(42);
  const draws = Array.from({ length: 4000 }, () => normal(random));
  const mean = draws.reduce((sum, x) => sum + x, 0) / draws.length;
  const variance = draws.reduce((sum, x) => sum + (x - mean) ** 2, 0) / draws.length;
  expect(Math.abs(mean)).toBeLessThan(0.06);
  expect(variance).toBeGreaterThan(0.9);
  expect(variance).toBeLessThan(1.1);
});
