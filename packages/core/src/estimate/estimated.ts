import { deviationAt, NOMINAL_KITCHEN, type KitchenDeviation } from '../gear';
import { inputSpread } from '../plan/ranges/inputSpread';
import type { PlanRequest } from '../plan/request/request';
import { DISCREPANCY_COUNT } from './discrepancy';

/** Parameters fitted to the readings of a live cook, in the order of every vector here. */
export const FITTED_PARAMETERS = ['oven', 'ovenHeat', 'contact', 'thickness', 'start'] as const;
export type Estimated = (typeof FITTED_PARAMETERS)[number];

/** Positions of the oven's air and its heat transfer. */
export const OVEN_AT = [
  FITTED_PARAMETERS.indexOf('oven'),
  FITTED_PARAMETERS.indexOf('ovenHeat'),
] as const;

/** Positions of further fitted parameters: the thermometer's constant error, and the model's own error. */
export const THERMOMETER_AT = FITTED_PARAMETERS.length;
export const DISCREPANCY_AT = FITTED_PARAMETERS.length + 1;
/** Parameters of a fit. */
export const FITTED = DISCREPANCY_AT + DISCREPANCY_COUNT;

/** Prior standard deviation of each parameter: the unit of every vector here. */
export type EstimatedSpreads = Readonly<Record<Estimated, number>>;

/** The spreads with which the plan of a request states its range, so that its forecast begins with the same. */
export const spreadsOf = (request: PlanRequest): EstimatedSpreads => ({
  oven: inputSpread('oven', request),
  ovenHeat: inputSpread('ovenHeat', request),
  contact: inputSpread('contact', request),
  thickness: inputSpread('thickness', request),
  start: inputSpread('start', request),
});

/** The kitchen at a point in units of the spreads, in the order of `ESTIMATED`. */
export const kitchenAt = (
  point: ArrayLike<number>,
  spreads: EstimatedSpreads,
): KitchenDeviation => {
  const at = (key: Estimated): number =>
    deviationAt(key, point[FITTED_PARAMETERS.indexOf(key)], spreads[key]);
  return {
    ...NOMINAL_KITCHEN,
    oven: at('oven'),
    ovenHeat: at('ovenHeat'),
    contact: at('contact'),
    thickness: at('thickness'),
    start: at('start'),
  };
};
