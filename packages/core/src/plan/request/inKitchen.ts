import type { KitchenDeviation } from '../../gear';
import { PLAN_LIMITS } from './limits';
import type { PlanRequest } from './request';

/** A request with its piece as thick and as warm as it really is in a kitchen. */
export const inKitchen = (
  request: PlanRequest,
  { thickness, start }: Pick<KitchenDeviation, 'thickness' | 'start'>,
): PlanRequest =>
  thickness === 0 && start === 0
    ? request
    : {
        ...request,
        thickness: Math.max(PLAN_LIMITS.thickness.least, request.thickness + thickness),
        start: request.start + start,
      };
