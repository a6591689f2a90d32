import { describe, expect, it } from '@jest/globals';
import { DEFAULT_PAN } from '../gear/pan';
import { sizzleLevel, sizzleOf } from '../heat/judging/sizzle';
import { legsOf } from '../plan/legs/legs';
import { timedFor } from '../plan/legs/timedLeg';
import { planCase, STEAK } from '../tests';
import { steamAt } from './steamCurve';
import { steamOfCook, steamOfLegs } from './steamOfLegs';

const curveOf = (pan: number, surface: 'dry' | 'wet' = 'dry') => {
  const request = { ...STEAK, way: 'once' as const, pan, surface };
  const legs = legsOf(request).map((leg) => timedFor(leg, 240));
  return { curve: steamOfLegs(request, legs, DEFAULT_PAN), seconds: 240 * legs.length };
};

describe('the steam of a cook', () => {
  it('peaks at the first contact, falls as the face dries, and ends with the pan', () => {
    const { curve, seconds } = curveOf(230);
    const early = Math.max(...[2, 5, 10, 15].map((at) => steamAt(curve, at)));
    expect(['steady', 'fierce']).toContain(sizzleOf(early));
    expect(steamAt(curve, 110)).toBeLessThan(early / 2);
    expect(steamAt(curve, seconds + 60)).toBe(0);
    expect(steamAt(curve, -5)).toBe(0);
  });

  it('begins with the step of a cook, and follows a late turn', () => {
    const planned = planCase({ request: { ...STEAK, way: 'once' }, pan: DEFAULT_PAN });
    if (!planned.feasible) throw new Error('refused');
    const { plan } = planned;
    const T0 = Date.UTC(2026, 0, 5, 18);
    const press = (kind: 'in' | 'turned', seconds: number) => ({
      id: `${kind}${seconds}`,
      kind,
      at: T0 + seconds * 1000,
    });
    expect(steamOfCook(plan, T0, [], DEFAULT_PAN)).toBeUndefined();
    const turn = plan.turns[0] ?? NaN;
    const loudAt = (late: number): number => {
      const events = [press('in', 0), press('turned', turn + late)];
      const curve = steamOfCook(plan, T0, events, DEFAULT_PAN);
      if (!curve) throw new Error('none');
      return steamAt(curve, turn + late + 3) - steamAt(curve, turn + late - 3);
    };
    // The fresh face is heard when it really met the iron.
    expect(loudAt(0)).toBeGreaterThan(0.001);
    expect(loudAt(40)).toBeGreaterThan(0.001);
  });

  it('is less in a cooler pan', () => {
    const means = [120, 160, 200, 240].map((pan) => {
      const { curve } = curveOf(pan);
      return Array.from({ length: 30 }, (_, i) => steamAt(curve, 1 + i)).reduce((a, b) => a + b);
    });
    expect(means).toEqual(means.toSorted((a, b) => a - b));
    expect(sizzleLevel((means[0] ?? 0) / 30)).toBeLessThan(0.6 * sizzleLevel((means[3] ?? 0) / 30));
  });

  it('converts to loudness by ratios, between silence and roar', () => {
    const levels = [0, 0.0003, 0.001, 0.004, 0.01, 0.1].map(sizzleLevel);
    expect(levels[0]).toBe(0);
    expect(levels[1]).toBe(0);
    expect(levels.at(-1)).toBe(1);
    expect(levels).toEqual(levels.toSorted((a, b) => a - b));
    expect([0, 0.002, 0.005, 0.02].map(sizzleOf)).toEqual([
      'silence',
      'murmur',
      'steady',
      'fierce',
    ]);
  });
});
