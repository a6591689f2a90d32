import { KITCHEN_AIR } from '../places/kitchenAir';
import { meatDepth } from '../matter/meatDepth';
import type { PieceState } from '../solver/pieceState';

/** Direction in which a thermometer's stem enters. */
export const STEM_SIDES = ['top', 'side'] as const;
export type StemSide = (typeof STEM_SIDES)[number];

/** A thermometer put into the meat by hand, and read. */
export interface Thermometer {
  readonly from: StemSide;
  /** Distance of its tip from the middle, m: above or below with equal probability. */
  readonly off: number;
  /** Length over which the tip senses, m. */
  readonly tip: number;
  /** Seconds from its going in until it is read. */
  readonly after: number;
}

/** A quick thermometer in a cook's hand. Estimates: off 2 to 5 mm, a few seconds. */
export const USUAL_THERMOMETER: Thermometer = { from: 'top', off: 0.003, tip: 0.0016, after: 6 };

/** A stem from the side is easily held level: it misses the middle by this share. Estimate. */
const SIDE_OFF_SHARE = 1 / 3;
/** Distance over which the stem conducts heat of the meat to the tip, m. Estimate. */
const STEM_REACH = 1e-3;
/** Time constant of a thin tip in meat, s. Estimate, 1 to 3. */
export const TIP_SECONDS = 1.5;
/** Points that the tip and the stem behind it are sampled at. */
const SAMPLES = 9;

/** Temperatures of the meat near a depth, C. */
interface Depths {
  /** Depth under the first face of the middle of the meat, m. */
  readonly middle: number;
  readonly at: (depth: number) => number;
}

const depthsOf = (piece: PieceState): Depths => {
  const { heights, rows, heightScale, section, matter } = piece;
  const { first, last } = meatDepth(heights, matter, section.middle);
  const centres: number[] = [];
  let depth = 0;
  for (const height of heights) {
    centres.push(heightScale * (depth + height / 2));
    depth += height;
  }
  const at = (wanted: number): number => {
    const above = centres.findIndex((centre) => centre >= wanted);
    if (above === -1) return piece.midlineAt(rows - 1);
    if (above === 0) return piece.midlineAt(0);
    const share = (wanted - centres[above - 1]) / (centres[above] - centres[above - 1]);
    const below = piece.midlineAt(above - 1);
    return below + share * (piece.midlineAt(above) - below);
  };
  return { middle: (heightScale * (first + last)) / 2, at };
};

/** The mean about the tip: over its own length, and from the top the stem behind it. */
const aboutTip = (
  { at }: Depths,
  tipAt: number,
  towardsTop: 1 | -1,
  { from, tip }: Thermometer,
): number => {
  let sum = 0;
  let weight = 0;
  for (let i = 0; i < SAMPLES; i += 1) {
    const along = (i + 0.5) / SAMPLES;
    if (from === 'side') {
      sum += at(tipAt + (along - 0.5) * tip);
      weight += 1;
      continue;
    }
    const back = along * (tip + 4 * STEM_REACH);
    const w = back < tip ? 1 : Math.exp(-(back - tip) / STEM_REACH);
    sum += w * at(tipAt + towardsTop * back);
    weight += w;
  }
  return sum / weight;
};

/**
 * Reading of a thermometer, C: the meat near its tip, which lies above or below the middle with equal probability, and
 * its delay. A stem from the top passes through the gradient.
 */
export const readingOf = (piece: PieceState, thermometer: Thermometer): number => {
  const depths = depthsOf(piece);
  const off = thermometer.off * (thermometer.from === 'side' ? SIDE_OFF_SHARE : 1);
  const towardsTop = piece.upperSide === 1 ? 1 : -1;
  const settled =
    (aboutTip(depths, depths.middle + off, towardsTop, thermometer) +
      aboutTip(depths, depths.middle - off, towardsTop, thermometer)) /
    2;
  return settled + (KITCHEN_AIR - settled) * Math.exp(-thermometer.after / TIP_SECONDS);
};

/** Typical distance of a tip from the middle, m. */
const NEAR = 0.002;
const FAR = 0.005;

/** The least and the most that the cook's thermometer may be expected to show, C. */
export const readingBand = (piece: PieceState, from: StemSide): readonly [number, number] => {
  const at = (off: number): number => readingOf(piece, { ...USUAL_THERMOMETER, from, off });
  const [near, far] = [at(NEAR), at(FAR)];
  return [Math.min(near, far), Math.max(near, far)];
};
