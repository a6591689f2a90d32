import { lossOf } from '@crustan/core/heat/drip';

/** What of the weight is lost: one figure, sure to about three points either way. */
export const sayLoss = ({
  evaporated,
  drip = 0,
}: {
  readonly evaporated: number;
  readonly drip?: number | undefined;
}): string => `${Math.round(100 * lossOf(evaporated, drip).central)}\u00a0%`;
