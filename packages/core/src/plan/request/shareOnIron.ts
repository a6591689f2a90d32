import { footprint } from '../../food/footprint';
import { DEFAULT_PAN } from '../../gear/pan';
import { cutOf, thicknessOf, type PlanRequest } from './request';

/** Share of the half of a rolled piece that lies down which touches the iron at a time. Estimate. */
const ROLLED_SHARE = 0.5;

/** Share of a part that can hang over the pan's rim. */
const OVER_THE_RIM = 0.1;

/** In how many parts a piece is browned: a whole one may be longer than the pan. */
export const partsInPan = (request: PlanRequest): number => {
  const cut = cutOf(request);
  if (!cut.whole) return 1;
  const { length } = footprint(cut, request.weight, thicknessOf(request));
  return Math.max(1, Math.ceil(length / DEFAULT_PAN.diameter - OVER_THE_RIM));
};

/**
 * Share of the time in which a place of the piece touches the iron while it is browned: a rolled piece touches with a
 * part of its half, and a whole one longer than the default pan is browned part by part.
 */
export const shareOnIron = (request: PlanRequest): number => {
  const cut = cutOf(request);
  return (cut.rolled ? ROLLED_SHARE : 1) / partsInPan(request);
};
