import { PLAN_LIMITS, type Limit } from '../plan/request/limits';
import type { PlanRequest } from '../plan/request/request';
import type { SaidSettings } from '../plan/ownTimes/saidStep';

/** A roast in a cooler oven than this is slow, C. */
const SLOW_OVEN = 150;

const within = (value: number, { least, most }: Limit): number =>
  Math.min(most, Math.max(least, value));

/** Settings of a recipe as fields of a request. Values outside the limits are clamped. */
export const saidRequest = ({ oven, pan, temper, ahead }: SaidSettings): Partial<PlanRequest> => ({
  ...(oven === undefined
    ? {}
    : oven < SLOW_OVEN
      ? { lowOven: within(oven, PLAN_LIMITS.lowOven) }
      : { hotOven: within(oven, PLAN_LIMITS.hotOven) }),
  ...(pan === undefined ? {} : { pan: within(pan, PLAN_LIMITS.pan) }),
  ...(temper === undefined ? {} : { temper: within(temper, PLAN_LIMITS.temper) }),
  ...(ahead === undefined ? {} : { saltAhead: within(ahead, PLAN_LIMITS.saltAhead) }),
});
