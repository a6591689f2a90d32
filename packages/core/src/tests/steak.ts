import { planWay, USUAL, type CookPlan, type PlanRequest, type Slices } from '../plan';

/** The piece most tests cook. */
export const STEAK: PlanRequest = {
  ...USUAL,
  cut: 'strip-steak',
  thickness: 0.025,
  weight: 0.3,
  target: 54,
};

/** The first plan of a request: what follows it in the generator is left uncomputed. */
export const slicedPlanOf = (
  request: PlanRequest = STEAK,
): { readonly plan: CookPlan; readonly slices: Slices } => {
  for (const update of planWay(request)) if (update?.kind === 'plan') return update;
  throw new Error(`no plan for ${JSON.stringify(request)}`);
};

export const planOf = (request: PlanRequest = STEAK): CookPlan => slicedPlanOf(request).plan;
