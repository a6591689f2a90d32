import { CRUST_WATER_SHARE } from './constants';

/**
 * The part of a cell that a drying front has not come through yet: all of it with its first water, none
 * of it as it becomes crust.
 * @param share of its first water
 */
export const wetPartOf = (share: number): number =>
  (share - CRUST_WATER_SHARE) / (1 - CRUST_WATER_SHARE);
