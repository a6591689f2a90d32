import { lossOf } from '@crustan/core/heat/drip';

/** Weight loss: one figure, with about three points of uncertainty in both directions. */
export const formatLoss = ({
  evaporated,
  drip = 0,
}: {
  readonly evaporated: number;
  readonly drip?: number | undefined;
}): string => `${Math.round(100 * lossOf(evaporated, drip).central)}\u00a0%`;
