import { RATE_OVER } from './discrepancy';
import { valueAt, type LinearModel } from './linearModel';

/** Share of the time to the pull in which the core of the model would reach its end at its last rate before the pull. */
export const carriedShare = (linear: LinearModel): number => {
  const { base, pull } = linear;
  const coreAt = (share: number): number => valueAt(linear, base, 0, share * pull);
  const rate = (coreAt(1) - coreAt(1 - RATE_OVER)) / RATE_OVER;
  return rate > 0 ? Math.max(0, base.end.reached - base.end.pullCore) / rate : 0;
};
