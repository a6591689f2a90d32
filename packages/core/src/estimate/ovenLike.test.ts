import { expect, it } from '@jest/globals';
import { NOMINAL_KITCHEN } from '../gear';
import { STEAK } from '../tests';
import { FITTED_PARAMETERS, spreadsOf } from './estimated';
import { ovenLike } from './ovenLike';

const n = FITTED_PARAMETERS.length;
const spreads = spreadsOf({ ...STEAK, way: 'oven-sear' });
const sure = new Float64Array(n * n);
const like = (air: number, change: object, covariance = sure) =>
  ovenLike(air, { ...NOMINAL_KITCHEN, ...change }, covariance, spreads);

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
  const [oven, heat] = [FITTED_PARAMETERS.indexOf('oven'), FITTED_PARAMETERS.indexOf('ovenHeat')];
  const apart = sure.slice();
  apart[oven * n + oven] = apart[heat * n + heat] = 0.5;
  const against = apart.slice();
  against[oven * n + heat] = against[heat * n + oven] = -0.45;
  expect(like(110, {}, against).sigma).toBeLessThan(like(110, {}, apart).sigma);
});
