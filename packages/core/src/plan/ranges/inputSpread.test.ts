import { describe, expect, it } from '@jest/globals';
import { COOK_SPREAD, TOTAL_SPREAD } from '../../gear';
import { STEAK } from '../../tests';
import { estimatesSpread, inputsOf, inputSpread } from './inputSpread';
import type { PlanRequest } from '../request/request';
import { planWay } from '../search/planWay';

const { model: _kitchen, ...BASELINE } = STEAK;

const spreadOf = (request: PlanRequest): number => {
  for (const update of planWay(request)) {
    if (update?.kind === 'spread') return update.spread.endTemperature;
  }
  throw new Error('no spread');
};

describe('what a cook cannot know', () => {
  it('is more with an oven, and in a kitchen with a burner under its pan', () => {
    expect(inputsOf(BASELINE)).toEqual(['thickness', 'contact', 'start', 'pan']);
    expect(inputsOf(STEAK)).toContain('burner');
    expect(inputsOf(STEAK)).not.toContain('oven');
    expect(inputsOf({ ...STEAK, way: 'oven-sear' })).toEqual(
      expect.arrayContaining(['oven', 'ovenHeat', 'burner']),
    );
  });

  it('carries the estimates: contact is least sure of a loose piece that is turned often', () => {
    const contact = (change: Partial<PlanRequest>): number =>
      inputSpread('contact', { ...STEAK, ...change });
    expect(inputSpread('contact', BASELINE)).toBe(TOTAL_SPREAD.contact);
    const pressed = contact({ press: 'pressed' });
    const loose = contact({ press: 'loose' });
    expect(pressed).toBeGreaterThan(TOTAL_SPREAD.contact);
    expect(loose).toBeGreaterThan(pressed);
    expect(contact({ press: 'loose', way: 'often' })).toBeGreaterThan(loose);
    for (const input of ['thickness', 'start', 'pan', 'oven'] as const) {
      expect(inputSpread(input, STEAK)).toBe(TOTAL_SPREAD[input]);
    }
  });

  it('narrows as past cooks tell of the kitchen, never under what differs from cook to cook', () => {
    const learned = (known: object): PlanRequest => ({
      ...STEAK,
      way: 'oven-sear',
      learned: { thickness: 0, contact: 1, known },
    });
    const sure = learned({ oven: 2, ovenHeat: 0.03, burner: 0.04, thickness: 0.0004 });
    expect(inputSpread('oven', sure)).toBeCloseTo(Math.hypot(2, COOK_SPREAD.oven), 9);
    expect(inputSpread('burner', sure)).toBe(0.04);
    expect(inputSpread('contact', sure)).toBe(inputSpread('contact', learned({})));
    expect(inputSpread('oven', learned({ oven: 60 }))).toBe(TOTAL_SPREAD.oven);
    expect(spreadOf(sure)).toBeLessThan(0.6 * spreadOf(learned({})));
  });

  it('carries the estimates that no input has: more of them with gas and a tray, until the oven is learned', () => {
    const oven: PlanRequest = { ...STEAK, way: 'oven-sear' };
    expect(estimatesSpread(BASELINE)).toBe(0);
    expect(estimatesSpread(oven)).toBeGreaterThan(0.2);
    const gas: PlanRequest = { ...oven, ovenFuel: 'gas', tray: true };
    // The vapour of gas and the tray add at least half a kelvin, in squares.
    expect(estimatesSpread(gas) ** 2 - estimatesSpread(oven) ** 2).toBeGreaterThan(0.5 ** 2);
    const learned = { ...gas, learned: { thickness: 0, contact: 1, known: { ovenHeat: 0.05 } } };
    expect(estimatesSpread(learned)).toBeCloseTo(estimatesSpread(oven), 9);
    expect(spreadOf(gas)).toBeGreaterThan(estimatesSpread(gas));
  });

  it('so the stated range of a loose piece is wider than that of a pressed one', () => {
    const often = { ...STEAK, way: 'often' } as const;
    expect(spreadOf({ ...often, press: 'loose' })).toBeGreaterThan(
      spreadOf({ ...often, press: 'pressed' }),
    );
  });
});
