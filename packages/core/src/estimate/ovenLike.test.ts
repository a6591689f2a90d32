import { expect, it } from '@jest/globals';
import { NOMINAL_KITCHEN } from '../gear';
import { ovenLike, ovenUncertainty } from './ovenLike';

const SPREADS = { oven: 14, ovenHeat: 0.15 };
/** Of estimates that are in the order: something else, the oven's air, its heat transfer. */
const like = (air: number, change: object, covariance = new Float64Array(9)) =>
  ovenLike(air, { ...NOMINAL_KITCHEN, ...change }, ovenUncertainty(covariance, 3, [1, 2], SPREADS));

it('equals the offset of an oven with nominal heat transfer, in the coolest oven too', () => {
  for (const air of [60, 110, 220]) {
    for (const oven of [-20, 0, 12]) expect(like(air, { oven }).over).toBeCloseTo(oven, 9);
  }
});

it('counts a slow oven as a cooler one, the more the hotter it is set', () => {
  expect(like(110, { ovenHeat: 0.8 }).over).toBeCloseTo(-9, 9);
  expect(like(220, { ovenHeat: 0.8 }).over).toBeLessThan(-25);
  expect(like(60, { ovenHeat: 0.8 }).over).toBe(0);
});

it('is more certain than its parts if they are poorly separated', () => {
  const [air, heat, both] = [4, 8, 5];
  const apart = new Float64Array(9);
  apart[air] = apart[heat] = 0.5;
  const against = apart.slice();
  against[both] = against[7] = -0.45;
  expect(like(110, {}, against).sigma).toBeLessThan(like(110, {}, apart).sigma);
});
