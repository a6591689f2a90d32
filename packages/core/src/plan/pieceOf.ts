import { footprint } from '../food';
import type { PanOnBurner } from '../gear';
import { ESTIMATES, type Piece, type Shape } from '../heat';
import type { PieceInSurroundings } from './legSurroundings';
import { cutOf, modelOf, thicknessOf, type PlanRequest } from './request';
import { surfaceFilm } from './surfaceFilm';

/** The plan shape a request's section is cut from. */
export const shapeOf = (request: PlanRequest): Shape => {
  const cut = cutOf(request);
  const { width } = footprint(cut, request.weight, thicknessOf(request));
  return cut.aspect === 1
    ? { kind: 'round', radius: width / 2 }
    : { kind: 'long', width, ...(cut.bone === undefined ? {} : { whole: true }) };
};

/** The piece as it comes out of the fridge. */
export const pieceOf = (request: PlanRequest, shape: Shape): Piece => {
  const { tissue, skin, bone } = cutOf(request);
  return {
    tissue,
    thickness: thicknessOf(request),
    start: request.start,
    film: surfaceFilm(request),
    shape,
    ...(skin ? { layers: [skin] } : {}),
    ...(bone !== undefined && shape.kind === 'long' ? { bone: { width: bone } } : {}),
  };
};

/**
 * How much a flat piece's faces are enlarged for its edges: their area over the faces', by the part
 * of it that the middle feels. Fitted to the section's own oven times for pieces from 25 to 55 mm.
 * @param slender thickness over width
 */
export const lateralAreaRatio = (round: boolean, slender: number): number =>
  (round ? 2 : 1) * slender * Math.min(0.6, Math.max(0, 1.6 * (slender - 0.21)));

/** How the solved section stands for the whole piece: what power to take, and its edges. */
export const pieceInSurroundings = (
  request: PlanRequest,
  flat: boolean,
  pan: PanOnBurner,
): PieceInSurroundings => {
  const cut = cutOf(request);
  const { weight, press, pieces, learned } = request;
  const thickness = thicknessOf(request);
  const { area, length, width } = footprint(cut, weight, thickness);
  const round = cut.aspect === 1;
  // The solver's own measure: m2, radians, or metres of a half or whole width.
  const across = cut.bone === undefined ? 2 * length : length;
  return {
    pan,
    press,
    contact: learned?.contact ?? 1,
    ovenHeat: learned?.ovenHeat ?? 1,
    sectionMultiple: pieces * (flat ? area : round ? 2 * Math.PI : across),
    foodArea: pieces * area,
    model: modelOf(request),
    knob: request.knob,
    spot: request.spot,
    restOn: request.restOn,
    oven: {
      tray: request.tray,
      ...(request.ovenFuel === 'gas' ? { vapour: ESTIMATES.gasVapour.value } : {}),
    },
    lateralAreaRatio: flat ? lateralAreaRatio(round, thickness / width) : 0,
  };
};
