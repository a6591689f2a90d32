import { footprint } from '../../food/footprint';
import { BURNER_EFFICIENCY, type PanOnBurner } from '../../gear/pan';
import { TwoZonePan } from '../../heat/places/twoZonePan';
import { inAPan } from '../../plan/legs/ovenLegs';
import type { CookPlan } from '../../plan/legs/planResult';
import { cutOf } from '../../plan/request/request';

/** Iron this near to the pan's heat takes the next piece, K. */
const RECOVERED = 10;
const LONGEST = 300;
const STEP = 1;

/**
 * Seconds until the iron that a plan's piece has left is as hot again as the pan is set, its burner turned
 * up: the pan in two zones, from the floor's temperature at the end of the last leg on it.
 */
export const ironRecovery = (
  { request, legs }: Pick<CookPlan, 'request' | 'legs'>,
  pan: PanOnBurner,
): number => {
  const floor = legs.findLast(inAPan)?.floor;
  if (floor === undefined) return 0;
  const { area } = footprint(cutOf(request), request.weight, request.thickness);
  const { diameter, mass, power, burner } = pan;
  const iron = { diameter, mass, power: power * BURNER_EFFICIENCY[burner] };
  const zones = new TwoZonePan(iron, request.pieces * area, request.pan, 'up');
  zones.under = floor;
  for (let t = 0; t < LONGEST; t += STEP) {
    if (zones.under >= request.pan - RECOVERED) return t;
    zones.follow(STEP, 0);
  }
  return LONGEST;
};
