import { lossOf, type WaterLost } from '@crustan/core/heat/drip';

/** Weight loss: one figure, with about three points of uncertainty in both directions. */
export const formatLoss = (lost: WaterLost): string =>
  `${Math.round(100 * lossOf(lost).central)}\u00a0%`;
