import { footprint } from '../../food';
import { preheat, type PanOnBurner } from '../../gear';
import { PLAN_LIMITS } from '../request/limits';
import type { Obstacle, Remedy } from '../legs/planResult';
import { cutOf, type PlanRequest } from '../request/request';
import { WAY_TRAITS } from '../request/way';

/** A piece gives a little: this much over the pan's width still goes in, m. */
const GIVE = 0.02;
/** A piece narrower than this share of its thickness will not lie on its face. */
const TOWER = 0.6;
const DEGREES = 5;

interface Hindrance {
  readonly obstacle: Obstacle;
  readonly remedies: readonly Remedy[];
}

/** Whether this pan on this burner can take the piece at all; undefined when it can. */
export const checkGear = (request: PlanRequest, pan: PanOnBurner): Hindrance | undefined => {
  const { length, width } = footprint(cutOf(request), request.weight, request.thickness);
  const cut = cutOf(request);
  if (WAY_TRAITS[request.way].noPan) return undefined;
  // A whole piece is browned part by part: its breadth must go in, not its length.
  const across = cut.whole
    ? width
    : Math.hypot(length, width) * (cut.aspect === 1 ? Math.SQRT1_2 : 1);
  if (across > pan.diameter + GIVE) {
    const obstacle: Obstacle = { reason: 'crowded', length, width, diameter: pan.diameter };
    return { obstacle, remedies: [] };
  }
  if (!cut.rolled && width < TOWER * request.thickness) {
    return { obstacle: { reason: 'tower', width }, remedies: [] };
  }
  const warming = preheat(pan, request.pan);
  if (!warming.reached) {
    const most = Math.floor((warming.settles - 1) / DEGREES) * DEGREES;
    return {
      obstacle: { reason: 'burner', settles: warming.settles },
      remedies: most >= PLAN_LIMITS.pan.least ? [{ kind: 'pan', pan: most }] : [],
    };
  }
  return undefined;
};
