import type { z } from 'zod';
import { footprint, isFish, THAW_DRIP } from '../food';
import { DRYING_PLACES, freeze, FROZEN_THROUGH, THAW_PLACES } from '../heat';
import { shapeOf } from '../plan/legs/pieceOf';
import { cutOf, thicknessOf, type PlanRequest } from '../plan/request/request';
import { saltDepth, saltDepths, SALT_SCHOOLS } from '../plan/request/schools';
import { airedLoss, brineFilm } from '../plan/request/surfaceFilm';
import { thawOf } from '../plan/legs/thawOf';
import { KEEPS_RAW } from '../safety';
import type { aheadResultSchema } from './aheadFile';

type AheadResult = Omit<z.infer<typeof aheadResultSchema>, 'format' | 'elapsedMs'>;

/** Durations of drying in the result, s. */
const DRYINGS = [43_200, 86_400, 172_800, 259_200] as const;

/** Duration and cost of preparing a piece: freezing, thawing, drying, salting. */
export const aheadOf = (request: PlanRequest): AheadResult => {
  const cut = cutOf(request);
  const thickness = thicknessOf(request);
  const { tissue, species } = cut;
  // Both faces.
  const perWeight = (2 * footprint(cut, request.weight, thickness).area) / request.weight;
  const piece = { tissue, thickness, shape: shapeOf(request), start: request.start };
  const [least, most] = THAW_DRIP[isFish(species) ? 'fish' : 'meat'];
  return {
    freezes: freeze(piece, FROZEN_THROUGH),
    thaws: THAW_PLACES.map((place) => {
      const found = thawOf({ ...request, thaw: place });
      const { seconds, warm = 0, least, most } = found ?? {};
      return { in: place, seconds, warm, least, most };
    }),
    drip: [least, most],
    dries: DRYING_PLACES.flatMap((place) =>
      DRYINGS.map((seconds) => {
        const lost = airedLoss({ ...request, surface: 'aired', airing: { in: place, seconds } });
        return {
          in: place,
          seconds,
          fromFace: lost,
          ofWeight: {
            likely: perWeight * lost.likely,
            least: perWeight * lost.least,
            most: perWeight * lost.most,
          },
        };
      }),
    ),
    salts: SALT_SCHOOLS.map((ahead) => ({
      ahead,
      brine: brineFilm(request.salt, ahead),
      depth: Math.min(thickness / 2, saltDepth(ahead)),
      depths: saltDepths(ahead, thickness),
    })),
    keeps: KEEPS_RAW[species],
  };
};
