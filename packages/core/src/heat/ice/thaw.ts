import {
  conductivityWithIce,
  enthalpyWithIce,
  freezingPoint,
  thawedDensity,
  TISSUES,
} from '../../food';
import type { TissueName } from '../../food';
import type { IcePlace } from './icePlaces';
import { DANGER_ZONE_C } from '../matter/constants';
import { IcedPiece, type IceSurroundings } from './icedPiece';
import { PhaseTable } from './phaseTable';
import type { Shape } from '../matter/section';
import { saturationPressure } from '../matter/vapour';

/** Meat and its wrapping radiate like this. */
const EMISSIVITY = 0.9;
/** Air that stands still about a small piece, W/m2 K: free convection at some degrees. */
const STILL_AIR = 5;

/** Typical places: a freezer at -18 C, a fridge at 4 C and 70 % humidity, cold tap water. Estimates. */
export const ICE_AROUND: Readonly<Record<IcePlace, IceSurroundings>> = {
  freezer: { celsius: -18, coefficient: STILL_AIR, emissivity: EMISSIVITY },
  'fridge-shelf': {
    celsius: 4,
    coefficient: STILL_AIR,
    emissivity: EMISSIVITY,
    vapour: 0.7 * saturationPressure(4),
  },
  'fridge-bag': { celsius: 4, coefficient: 4, emissivity: EMISSIVITY },
  // In a close-fitting bag: the water transfers the heat, the bag and its air resist.
  'running-water': { celsius: 12, coefficient: 200 },
  'still-water': { celsius: 12, coefficient: 80 },
  counter: {
    celsius: 22,
    coefficient: STILL_AIR,
    emissivity: EMISSIVITY,
    vapour: 0.5 * saturationPressure(22),
  },
};

/** Temperature of the middle at which a piece counts as frozen, C. */
export const FROZEN_THROUGH = -12;

/** Longest thaw that is simulated, s: four days. */
const LONGEST = 4 * 86_400;

const tables = new Map<TissueName, PhaseTable>();

/** A tissue's table across its freezing, made once. */
export const phaseTableOf = (tissue: TissueName): PhaseTable => {
  const known = tables.get(tissue);
  if (known) return known;
  const composition = TISSUES[tissue];
  const density = thawedDensity(composition);
  const made = new PhaseTable({
    enthalpy: (celsius) => density * enthalpyWithIce(composition, celsius),
    conductivity: (celsius) => conductivityWithIce(composition, celsius),
  });
  tables.set(tissue, made);
  return made;
};

/** A piece that is frozen. Lengths in m. */
export interface FrozenPiece {
  readonly tissue: TissueName;
  readonly thickness: number;
  readonly shape: Shape;
  /** As it comes out of the freezer, C. */
  readonly start: number;
}

export interface Thaw {
  /** Until no ice is left in the middle, s; undefined if it stays frozen. */
  readonly seconds: number | undefined;
  /** Of those, with the warmest meat over 5 C, s. */
  readonly warm: number;
  /** The warmest meat when the middle is thawed, C. */
  readonly warmest: number;
}

/** Thaws a piece in one place. */
export const thaw = (
  { tissue, thickness, shape, start }: FrozenPiece,
  place: IceSurroundings,
): Thaw => {
  const piece = new IcedPiece(phaseTableOf(tissue), thickness, shape, start);
  const point = freezingPoint(TISSUES[tissue]);
  let warm = 0;
  let last = 0;
  const seconds = piece.run(place, LONGEST, (at) => {
    if (piece.warmest > DANGER_ZONE_C[0]) warm += at - last;
    last = at;
    return piece.core >= point;
  });
  const thawed = piece.core >= point;
  return { seconds: thawed ? seconds : undefined, warm, warmest: piece.warmest };
};

/** Time in which a piece in one place freezes to this temperature in its middle, s; undefined if it never does. */
export const freeze = (
  { tissue, thickness, shape, start }: FrozenPiece,
  to: number,
  place: IceSurroundings = ICE_AROUND.freezer,
): number | undefined => {
  const piece = new IcedPiece(phaseTableOf(tissue), thickness, shape, start);
  const seconds = piece.run(place, LONGEST, () => piece.core <= to);
  return piece.core <= to ? seconds : undefined;
};
