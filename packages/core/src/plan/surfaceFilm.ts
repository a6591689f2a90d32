import type { PlanRequest } from './request';

/** Water a wet face holds, kg/m2: about a fifth of a millimetre. Estimate. */
const WET = 0.2;
/** Brine that salt draws out, kg/m2 at its most, and when, s: estimate of the awkward middle. */
const BRINE = 0.12;
const BRINE_AT = 900;
/** Salt, share of the weight, that draws that much. */
const BRINE_SALT = 0.01;
/** Share of the water that a towel leaves. Estimate. */
const PATTED = 0.1;
/**
 * Drying in the open fridge, kg/m2 for the root of an hour, for water must first come to the face:
 * some 3 to 4 % of a steak in two days. No drier than this. Estimates.
 */
const DRIES_PER_ROOT_HOUR = 0.06;
const DRIEST = -0.5;

type Said = Pick<PlanRequest, 'surface' | 'salt' | 'saltAhead'>;

/** Brine lying on a face so long after salting, kg/m2: drawn out in minutes, taken back in an hour. */
export const brineFilm = (salt: number, seconds: number): number => {
  const t = seconds / BRINE_AT;
  return ((BRINE * salt) / BRINE_SALT) * t * Math.exp(1 - t);
};

/** Water on each face as it meets the heat, kg/m2; below zero it has been dried out of it. */
export const surfaceFilm = ({ surface, salt, saltAhead }: Said): number => {
  const brine = brineFilm(salt, saltAhead);
  switch (surface) {
    case 'wet':
      return WET + brine;
    case 'dry':
      return PATTED * brine;
    case 'aired':
      return Math.max(DRIEST, -DRIES_PER_ROOT_HOUR * Math.sqrt(saltAhead / 3600));
  }
};
