import { tissueProperties } from '../../food/properties';
import { TISSUES } from '../../food/tissues';
import { faceDried, type FaceDried } from '../../heat/matter/fridgeDrying';
import { cutOf, type Airing, type PlanRequest } from './request';

/** Water a wet face holds, kg/m2: about a fifth of a millimetre. Estimate. */
const WET = 0.2;
/** Brine that salt draws out, kg/m2 at its most, and when, s: estimate of the awkward middle. */
const BRINE = 0.12;
const BRINE_AT = 900;
/** Salt, share of the weight, that draws that much. */
const BRINE_SALT = 0.01;
/** Share of the water that a towel leaves. Estimate. */
const PATTED = 0.1;
/** The solver's face is dried no further, kg/m2: deeper it would take a wet face's place. Estimate. */
const DRIEST = 0.5;

type Said = Pick<PlanRequest, 'surface' | 'salt' | 'saltAhead' | 'airing' | 'cut' | 'own'>;

/** Brine on a face at a time after salting, kg/m2: drawn out in minutes, absorbed again in an hour. */
export const brineFilm = (salt: number, seconds: number): number => {
  const t = seconds / BRINE_AT;
  return ((BRINE * salt) / BRINE_SALT) * t * Math.exp(1 - t);
};

/** Method and duration by which a piece is dried in the fridge. */
export const resolveFridgeDrying = ({
  airing,
  saltAhead,
}: Pick<Said, 'airing' | 'saltAhead'>): Airing => airing ?? { in: 'rack', seconds: saltAhead };

/** Water that each face of an aired piece has lost, kg/m2. */
export const airedLoss = (said: Said): FaceDried => {
  const { in: place, seconds } = resolveFridgeDrying(said);
  const { water } = tissueProperties(TISSUES[cutOf(said).tissue]);
  return faceDried(place, seconds, water);
};

/** Water on each face at the start of the heat, kg/m2; negative: water that dried out. */
export const surfaceFilm = (said: Said): number => {
  const { surface, salt, saltAhead } = said;
  const brine = brineFilm(salt, saltAhead);
  switch (surface) {
    case 'wet':
      return WET + brine;
    case 'dry':
      return PATTED * brine;
    case 'aired':
      return -Math.min(DRIEST, airedLoss(said).likely);
  }
};
