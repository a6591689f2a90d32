import { ICE_AROUND, thaw, type Thaw } from '../heat';
import type { CookPlan } from './planResult';
import { shapeOf } from './pieceOf';
import { cutOf, thicknessOf, type PlanRequest } from './request';

/** A home freezer's usual, C. */
const FREEZER = -18;

/** The last few that were asked: every way of a piece thaws alike. */
const known = new Map<string, Thaw>();
const KEPT = 20;

/** How a request's piece thaws where it is to; undefined for one that is not frozen. */
export const thawOf = (request: PlanRequest): Thaw | undefined => {
  const { thaw: place } = request;
  if (place === undefined) return undefined;
  const { tissue } = cutOf(request);
  const piece = {
    tissue,
    thickness: thicknessOf(request),
    shape: shapeOf(request),
    start: FREEZER,
  };
  const key = JSON.stringify([piece, place]);
  const found = known.get(key) ?? thaw(piece, ICE_AROUND[place]);
  known.set(key, found);
  const oldest = known.keys().next().value;
  if (known.size > KEPT && oldest !== undefined) known.delete(oldest);
  return found;
};

/** A plan with how its piece thaws first, where that is frozen. */
export const withThaw = (plan: CookPlan): CookPlan => {
  const { seconds, warm = 0 } = thawOf(plan.request) ?? {};
  return seconds === undefined ? plan : { ...plan, thaw: { seconds, warm } };
};
