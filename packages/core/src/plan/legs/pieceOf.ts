import { boneIn, footprint, type Cut } from '../../food';
import type { PanOnBurner } from '../../gear';
import { ESTIMATES, type Layer, type Piece, type Shape } from '../../heat';
import type { PieceInSurroundings } from './legSurroundings';
import { cutOf, modelOf, thicknessOf, type PlanRequest } from '../request/request';
import { surfaceFilm } from '../request/surfaceFilm';

/** The plan shape a request's section is cut from. */
export const shapeOf = (request: PlanRequest): Shape => {
  const cut = cutOf(request);
  const { width, length } = footprint(cut, request.weight, thicknessOf(request));
  if (cut.rolled) return { kind: 'rolled' };
  if (cut.aspect === 1) return { kind: 'round', radius: width / 2 };
  if (isStub(cut)) return { kind: 'round', radius: sameDecay(length, width) };
  const bone = boneIn(cut, width);
  if (bone === undefined) return { kind: 'long', width };
  const to = width - bone.beyond;
  const from = to - bone.width;
  const boned = { kind: 'long', width, whole: true } as const;
  return bone.beyond > 0
    ? { ...boned, middle: from / 2, sides: [from, to] }
    : { ...boned, sides: [from] };
};

/** A whole piece shorter than this many widths loses as much at its ends as at its sides. */
const STUB = 2;

/** Whether a piece stands for a round one: its ends are as near to its middle as its sides. */
const isStub = ({ whole, aspect, bone }: Cut): boolean =>
  whole === true && aspect < STUB && bone === undefined;

/** First zero of the Bessel function J0: the slowest decay of a cylinder. */
const J0_ZERO = 2.4048;

/**
 * Radius of the cylinder whose slowest decay is that of a rectangle: (j/R)^2 = (pi/a)^2 + (pi/b)^2
 * (Carslaw & Jaeger 1959, the first terms of both products), m.
 */
const sameDecay = (a: number, b: number): number => J0_ZERO / (Math.PI * Math.hypot(1 / a, 1 / b));

/**
 * Thickness of the slab that stands for a piece in one dimension, m: its own, or where a whole piece
 * gains much at its sides that of the slab whose slowest decay is the block's, 1/L^2 = 1/a^2 + 1/b^2 + 1/c^2.
 */
const slabThickness = (request: PlanRequest): number => {
  const cut = cutOf(request);
  const thickness = thicknessOf(request);
  if (!cut.whole) return thickness;
  const { length, width } = footprint(cut, request.weight, thickness);
  return 1 / Math.hypot(1 / thickness, 1 / width, 1 / length);
};

/** The piece as it comes out of the fridge. */
export const pieceOf = (request: PlanRequest, shape: Shape): Piece => {
  const cut = cutOf(request);
  const { tissue, skin, ribs } = cut;
  const bone = shape.kind === 'long' ? boneIn(cut, shape.width) : undefined;
  const layers: readonly Layer[] = [
    ...(ribs === undefined ? [] : [{ tissue: 'bone', thickness: ribs } as const]),
    ...(skin ? [skin] : []),
  ];
  return {
    tissue,
    thickness: shape.kind === 'slab' ? slabThickness(request) : thicknessOf(request),
    start: request.start,
    film: surfaceFilm(request),
    shape,
    ...(layers.length > 0 ? { layers } : {}),
    ...(bone === undefined ? {} : { bone }),
  };
};

/**
 * Enlargement of a flat piece's faces for its edges: the ratio of their areas, times the share that the middle
 * feels. Fitted to the section's oven times for pieces from 25 to 55 mm.
 * @param slender thickness over width
 */
export const lateralAreaRatio = (round: boolean, slender: number): number =>
  (round ? 2 : 1) * slender * Math.min(0.6, Math.max(0, 1.6 * (slender - 0.21)));

/** Relation between the solved section and the whole piece: the power to take, and its edges. */
export const pieceInSurroundings = (
  request: PlanRequest,
  flat: boolean,
  pan: PanOnBurner,
): PieceInSurroundings => {
  const cut = cutOf(request);
  const { weight, press, pieces, learned } = request;
  const thickness = thicknessOf(request);
  const { area, length, width } = footprint(cut, weight, thickness);
  const { kind } = shapeOf(request);
  // The solver's own measure: m2, radians, or metres of a half or whole width.
  const across = cut.bone === undefined ? 2 * length : length;
  const multiples: Readonly<Record<Shape['kind'], number>> = {
    slab: area,
    round: 2 * Math.PI,
    long: across,
    rolled: (Math.PI / 2) * area,
  };
  return {
    pan,
    press,
    contact: learned?.contact ?? 1,
    ovenHeat: learned?.ovenHeat ?? 1,
    sectionMultiple: pieces * multiples[flat && kind !== 'rolled' ? 'slab' : kind],
    foodArea: pieces * area,
    model: modelOf(request),
    knob: request.knob,
    spot: request.spot,
    restOn: request.restOn,
    oven: {
      tray: request.tray,
      vapour: ESTIMATES[request.ovenFuel === 'gas' ? 'gasVapour' : 'ovenVapour'].value,
    },
    rolled: kind === 'rolled',
    // A whole piece's slab is thinner instead.
    lateralAreaRatio:
      flat && !cut.whole ? lateralAreaRatio(kind === 'round', thickness / width) : 0,
  };
};
