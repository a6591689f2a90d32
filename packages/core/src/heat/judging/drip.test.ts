import { describe, expect, it } from '@jest/globals';
import { HEAT_MODELS, simulate, type Stage } from '..';
import { lossOf } from './drip';

const joint = (air: number, untilCore: number): Stage => ({
  ...{ kind: 'oven', air, h: 14, untilCore, maxSeconds: 6 * 3600 },
});

describe('loss', () => {
  it('is what has evaporated and dripped, to three points', () => {
    expect(lossOf({ evaporated: 0.1, dripped: 0.05 })).toEqual({
      central: expect.closeTo(0.15, 9),
      least: expect.closeTo(0.12, 9),
      most: expect.closeTo(0.18, 9),
    });
    expect(lossOf({ evaporated: 0.01, dripped: 0 }).least).toBe(0);
  });

  it('of a plan of an older version takes 0.6 of the largest possible drip', () => {
    expect(lossOf({ evaporated: 0.1, drip: 0.1 }).central).toBeCloseTo(0.16, 9);
    expect(lossOf({ evaporated: 0.1, drip: 0.1, dripped: 0.02 }).central).toBeCloseTo(0.12, 9);
  });

  it('of a joint of 2.7 kg pulled at 60 C from 163 C lies in the 20 to 25 % of practice', () => {
    const result = simulate({
      piece: {
        ...{ tissue: 'lean-beef', thickness: 0.13, start: 5 },
        shape: { kind: 'round', radius: 0.08 },
      },
      model: HEAT_MODELS.kitchen,
      stages: [joint(163, 60), { kind: 'rest', cover: 'open', on: 'rack', seconds: 1800 }],
    });
    expect(lossOf(result).central).toBeGreaterThan(0.2);
    expect(lossOf(result).central).toBeLessThan(0.25);
    expect(result.dripped).toBeLessThanOrEqual(result.drip);
  });
});
