import { isFish } from '../../food/species';
import type { ThawPlace } from '../../heat/ice/icePlaces';
import { cutOf, type PlanRequest } from './request';
import { AIRED_FROM, AWKWARD, isAwkward } from './schools';
import { resolveFridgeDrying } from './surfaceFilm';

/** Faults in the order in which a piece is dried, salted, thawed and tempered. */
export const ORDER_FAULTS = [
  'cures-fish',
  'dried-off-salt',
  'no-time-to-dry',
  'towels-take-salt',
  'kept-after-quick-thaw',
  'stands-after-warm-thaw',
] as const;
export type OrderFault = (typeof ORDER_FAULTS)[number];

/** Duration of salting from which fish is cured: firm, translucent, salted through. Common practice, s. */
const FISH_CURES = 43_200;
/** Time within which food thawed in the warm is cooked, s: the common advice is at once. */
const AT_ONCE = 3600;
const THAWED_WARM: readonly ThawPlace[] = ['running-water', 'still-water', 'counter'];

const CHECKS: Readonly<Record<OrderFault, (request: PlanRequest) => boolean>> = {
  'cures-fish': (request) =>
    isFish(cutOf(request).species) && request.salt > 0 && request.saltAhead >= FISH_CURES,
  // Patted dry while the brine lies on the face: the salt goes with it.
  'dried-off-salt': ({ salt, saltAhead, surface }) =>
    salt > 0 && surface === 'dry' && isAwkward(saltAhead),
  'no-time-to-dry': (request) =>
    request.thaw !== undefined &&
    request.thaw !== 'fridge-shelf' &&
    request.surface === 'aired' &&
    resolveFridgeDrying(request).seconds < AIRED_FROM,
  // Salted while it lies in towels: they take the brine.
  'towels-take-salt': ({ salt, saltAhead, surface, airing }) =>
    salt > 0 && surface === 'aired' && airing?.in === 'towels' && saltAhead >= AWKWARD[0],
  'kept-after-quick-thaw': ({ thaw, saltAhead }) =>
    thaw !== undefined && THAWED_WARM.includes(thaw) && saltAhead > AT_ONCE,
  'stands-after-warm-thaw': ({ thaw, temper }) =>
    thaw !== undefined && THAWED_WARM.includes(thaw) && temper > 0,
};

/** Faults in the order of a request, in the order of the list. */
export const orderFaults = (request: PlanRequest): readonly OrderFault[] =>
  ORDER_FAULTS.filter((fault) => CHECKS[fault](request));
