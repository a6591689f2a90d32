import { footprint } from '../../food';
import { crowding, loadPan, type Loading, type PanOnBurner } from '../../gear';
import { solverFor } from '../../heat';
import { cutOf, type PlanRequest } from './request';

/** Effect of this piece, as many as the pan takes, on the pan. */
export const loadingOf = (request: PlanRequest, pan: PanOnBurner): Loading => {
  const cut = cutOf(request);
  const { weight, thickness, start, pieces } = request;
  const { area } = footprint(cut, weight, thickness);
  const piece = solverFor({ tissue: cut.tissue, thickness, start });
  return loadPan(piece, pan, request.pan, Math.min(pieces, crowding(pan, area).most) * area);
};
