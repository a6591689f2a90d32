import { deviationAt, NOMINAL_KITCHEN, TOTAL_SPREAD, type KitchenDeviation } from '../gear';

/** The deviations that a live cook's readings are fitted by, in the order of every vector here. */
export const ESTIMATED = ['oven', 'contact', 'thickness', 'start'] as const;
export type Estimated = (typeof ESTIMATED)[number];

/** The position of the thermometer's constant error, which is fitted beside them. */
export const THERMOMETER_AT = ESTIMATED.length;

/** The kitchen at a point in units of the total spread, in the order of `ESTIMATED`. */
export const kitchenAt = (point: ArrayLike<number>): KitchenDeviation => {
  const at = (key: Estimated): number =>
    deviationAt(key, point[ESTIMATED.indexOf(key)], TOTAL_SPREAD[key]);
  return {
    ...NOMINAL_KITCHEN,
    oven: at('oven'),
    contact: at('contact'),
    thickness: at('thickness'),
    start: at('start'),
  };
};
