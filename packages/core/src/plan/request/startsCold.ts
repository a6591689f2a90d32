import { cutOf, type PlanRequest } from './request';
import { hasFattySkin, WAY_TRAITS } from './way';

/** Whether the piece goes into a pan that is still cold, so that the fat under its skin melts. */
export const startsCold = (request: Pick<PlanRequest, 'way' | 'cut' | 'own'>): boolean => {
  const { coldPan } = WAY_TRAITS[request.way];
  return coldPan === 'always' || (coldPan === 'fatty-skin' && hasFattySkin(cutOf(request)));
};
