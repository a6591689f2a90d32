import { describe, expect, it } from '@jest/globals';
import type { CrustColour } from '../doneness';
import { crustColour, crustFrom } from '../doneness';
import { planOf, STEAK } from '../tests';
import { learnCrust } from './learnCrust';
import { FIRST_GEAR, type LoggedCook } from './loggedCook';

const plan = planOf({ ...STEAK, way: 'often', pan: 245 });
const T0 = Date.UTC(2026, 10, 20, 18);

/** A cook that kept its plan's times, its crust judged. */
const judged = (n: number, crust: CrustColour | undefined): LoggedCook => ({
  id: `cook-${n}`,
  at: T0 + n,
  plan,
  plannedIn: T0,
  gear: FIRST_GEAR,
  endTemperature: plan.peakCore,
  crust,
  events: [
    { id: `a${n}`, kind: 'in', at: T0 },
    ...plan.turns.map((turn, i) => ({
      id: `t${n}-${i}`,
      kind: 'turned' as const,
      at: T0 + turn * 1000,
    })),
    { id: `b${n}`, kind: 'pulled', at: T0 + plan.cookSeconds * 1000 },
    { id: `c${n}`, kind: 'sliced', at: T0 + (plan.cookSeconds + 300) * 1000 },
  ],
});

/** Colour of this cook's crust by the model, and the colours next to it. */
const own = crustColour(Math.min(...plan.browning), plan.request);

describe('the eye for crusts', () => {
  it('says nothing without a judged crust, or of cooks planned by the baseline', () => {
    expect(learnCrust([judged(1, undefined)], [])).toBeUndefined();
    const { model: _kitchen, ...request } = plan.request;
    const before = { ...judged(1, 'dark'), plan: { ...plan, request } };
    expect(learnCrust([before], [])).toBeUndefined();
  });

  it('an eye that calls what the model has is hardly moved, however often it looks', () => {
    expect(own).toBe('deep-brown');
    const same = Array.from({ length: 8 }, (_, n) => judged(n, own));
    expect(Math.abs(learnCrust(same, [])?.value ?? 1)).toBeLessThan(0.2);
  });

  it('one look moves it little, five that agree most of the way, and it is surer', () => {
    for (const [colour, towards] of [
      ['golden', -1],
      ['dark', 1],
    ] as const) {
      const looks = Array.from({ length: 5 }, (_, n) => judged(n, colour));
      const [one, five] = [learnCrust(looks.slice(0, 1), []), learnCrust(looks, [])];
      expect(towards * (one?.value ?? 0)).toBeGreaterThan(0);
      expect(towards * (five?.value ?? 0)).toBeGreaterThan(1.2 * towards * (one?.value ?? 0));
      expect(five?.deviation).toBeLessThan(one?.deviation ?? 0);
      expect(five?.cooks).toHaveLength(5);
      expect(learnCrust(looks, [], T0 + 3)?.cooks).toHaveLength(2);
    }
  });

  it('is not taken for a kitchen that browns less: what was learned of that is reckoned with', () => {
    const golden = Array.from({ length: 5 }, (_, n) => judged(n, 'golden'));
    const weak = [{ key: `contact:${FIRST_GEAR.pan.name}`, value: 0.75, use: 'yes' as const }];
    expect(learnCrust(golden, weak)?.value).toBeGreaterThan(
      (learnCrust(golden, [])?.value ?? 0) + 0.03,
    );
  });

  it('moves the thresholds by it: an eye that calls crusts darker has golden sooner', () => {
    const by = { model: 'kitchen', learned: { crust: 0.2 } } as const;
    expect(crustFrom('golden', by)).toBeCloseTo(crustFrom('golden', { model: 'kitchen' }) - 0.2, 9);
    expect(crustColour(0.8, by)).toBe('golden');
    expect(crustColour(0, by)).toBe('pale');
  });
});
