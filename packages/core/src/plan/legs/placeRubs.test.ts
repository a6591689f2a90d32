import { describe, expect, it } from '@jest/globals';
import { RUB_IDS, RUBS } from '../../food';
import { planOf, STEAK } from '../../tests';
import { placeRubs } from './placeRubs';

const placed = (plan: ReturnType<typeof planOf>) =>
  new Map(placeRubs(plan, RUB_IDS).map((one) => [one.rub, one]));

describe('where a rub goes', () => {
  it('never where it turns bitter, unless it goes on after the heat', () => {
    for (const way of ['once', 'sear-oven', 'oven-sear'] as const) {
      for (const pan of [150, 215, 260]) {
        for (const { rub, place, there, before } of placeRubs(
          planOf({ ...STEAK, way, pan }),
          RUB_IDS,
        )) {
          if (place !== 'after') expect(there).toBeLessThan(RUBS[rub].bittersAt);
          if (place !== 'before') expect(before).toBeGreaterThanOrEqual(RUBS[rub].bittersAt);
        }
      }
    }
  });

  it('a hot pan sends herbs to the oven behind it, a mild one lets pepper on before', () => {
    const hot = placed(
      planOf({ ...STEAK, thickness: 0.035, weight: 0.42, way: 'sear-oven', pan: 240 }),
    );
    expect(hot.get('dried-herbs')?.place).toBe('oven');
    const panOnly = placed(planOf({ ...STEAK, pan: 240 }));
    expect(panOnly.get('dried-herbs')?.place).toBe('after');
    const mild = placed(planOf({ ...STEAK, pan: 150, way: 'often' }));
    expect(mild.get('pepper')?.place).toBe('before');
  });
});
