import { ICE_AROUND, thaw, type Thaw } from '../../heat';
import type { ThawPlace } from '../../heat/ice/icePlaces';
import type { CookPlan } from './planResult';
import { shapeOf } from './pieceOf';
import { cutOf, thicknessOf, type PlanRequest } from '../request/request';

/** Typical temperature of a home freezer, C. */
const FREEZER = -18;

/** Difference of places from the typical one, K: fridges run from 2 to 7 C. Estimates. */
const DIFFERS: Readonly<Record<ThawPlace, number>> = {
  'fridge-shelf': 2.5,
  'fridge-bag': 2.5,
  'running-water': 3,
  'still-water': 3,
  counter: 3,
};

/** A thaw in the typical place, and its time in a warmer and in a cooler one, s. */
export interface ThawRange extends Thaw {
  readonly least: number | undefined;
  readonly most: number | undefined;
}

/** The last few that were asked: every way of a piece thaws alike. */
const known = new Map<string, ThawRange>();
const KEPT = 20;

/** Thawing of a request's piece in its place; undefined if it is not frozen. */
export const thawOf = (request: PlanRequest): ThawRange | undefined => {
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
  const typical = ICE_AROUND[place];
  const at = (over: number): Thaw => thaw(piece, { ...typical, celsius: typical.celsius + over });
  const found = known.get(key) ?? {
    ...at(0),
    least: at(DIFFERS[place]).seconds,
    most: at(-DIFFERS[place]).seconds,
  };
  known.set(key, found);
  const oldest = known.keys().next().value;
  if (known.size > KEPT && oldest !== undefined) known.delete(oldest);
  return found;
};

/** A plan with how its piece thaws first, where that is frozen. */
export const withThaw = (plan: CookPlan): CookPlan => {
  const { seconds, warm = 0, least, most } = thawOf(plan.request) ?? {};
  return seconds === undefined ? plan : { ...plan, thaw: { seconds, warm, least, most } };
};
