import { crustFrom } from '../../doneness';
import { palestBrowning } from './palestBrowning';
import type { CookPlan } from './planResult';
import type { PlanRequest } from '../request/request';
import { usesOven } from '../request/way';

/** Caution about the crust of a plan that reaches its target. */
export type CrustComplaint = 'pale' | 'charred';

/** A sear passes the crust that was asked for by at most this browning index. Estimate. */
const PAST_WISH = 0.15;

/** Browning index from which a crust is called charred: very dark, or more than the cook asked for. */
export const charredFrom = (request: PlanRequest): number => {
  const veryDark = crustFrom('very-dark', request);
  return usesOven(request.way) ? Math.max(veryDark, request.crust + PAST_WISH) : veryDark;
};

/** Browning index of the darker face at slicing. */
export const darkestBrowning = ({ browning }: Pick<CookPlan, 'browning'>): number =>
  Math.max(...browning);

/** Caution about a plan's crust; undefined if it is between golden and charred. */
export const crustComplaint = (
  plan: Pick<CookPlan, 'request' | 'browning'>,
): CrustComplaint | undefined => {
  if (darkestBrowning(plan) >= charredFrom(plan.request)) return 'charred';
  return palestBrowning(plan) < crustFrom('golden', plan.request) ? 'pale' : undefined;
};

/** Browning index by which a plan's crust is named: of its darker face where that is charred, else of its palest. */
export const namedBrowning = (plan: Pick<CookPlan, 'request' | 'browning'>): number =>
  crustComplaint(plan) === 'charred' ? darkestBrowning(plan) : palestBrowning(plan);
