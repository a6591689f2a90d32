import type { CookPlan } from './planResult';
import { cutOf, type PlanRequest } from '../request/request';

/** Default rest before a whole piece is carved, s: up to 2 kg, and above. Common practice: 20 min, and 30 to 40. */
const USUAL_REST = 20 * 60;
const USUAL_LONG_REST = 35 * 60;
const HEAVY = 2;

/**
 * Seconds after the heat at which a whole piece is carved: its target is the core temperature at that moment. Undefined
 * for other pieces, whose target is the peak of their core.
 */
export const carvingAfter = (request: PlanRequest): number | undefined => {
  if (!cutOf(request).whole) return undefined;
  return request.carveAfter ?? (request.weight > HEAVY ? USUAL_LONG_REST : USUAL_REST);
};

/** Core that a plan promises, C: of a whole piece when it is carved, of others at the peak. */
export const promisedCore = ({
  request,
  peakCore,
  sliceCore,
}: Pick<CookPlan, 'request' | 'peakCore' | 'sliceCore'>): number =>
  carvingAfter(request) === undefined ? peakCore : sliceCore;
