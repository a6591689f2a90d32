import { REST_COVERS } from '../heat/places/restCover';
import { cutOf, type PlanRequest } from '../plan/request/request';
import { WAY_TRAITS, waysFor } from '../plan/request/way';
import type { TrialKind } from './trial';

/** Times that the schools salt ahead, and temper, s. */
const SALTED: readonly number[] = [0, 45 * 60, 12 * 3600, 48 * 3600];
const TEMPERED: readonly number[] = [0, 30 * 60, 60 * 60];

/** The same piece with one thing done each way that is done to it, the one asked for among them. */
export const variantsOf = (kind: TrialKind, request: PlanRequest): readonly PlanRequest[] => {
  switch (kind) {
    case 'salt':
      return SALTED.map((saltAhead) => ({ ...request, saltAhead }));
    case 'temper':
      return TEMPERED.map((temper) => ({ ...request, temper }));
    case 'turns': {
      const ways = waysFor(cutOf(request)).filter((way) => WAY_TRAITS[way].turned !== undefined);
      return ways.map((way) => ({ ...request, way }));
    }
    case 'cover':
      return REST_COVERS.map((cover) => ({ ...request, cover }));
    case 'way':
      return waysFor(cutOf(request)).map((way) => ({ ...request, way }));
  }
};

/** Whether two requests agree in the subject of a kind of trial. */
export const sameVariant = (kind: TrialKind, a: PlanRequest, b: PlanRequest): boolean => {
  switch (kind) {
    case 'salt':
      return a.saltAhead === b.saltAhead;
    case 'temper':
      return a.temper === b.temper;
    case 'cover':
      return a.cover === b.cover;
    case 'turns':
    case 'way':
      return a.way === b.way;
  }
};
