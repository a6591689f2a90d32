import type { PieceState } from '../solver/pieceState';
import { shareHeld } from '../matter/waterHeld';

/**
 * Water that drips or is squeezed out, as a share of the first mass: what has dripped, and what each
 * cell still has above what it holds after its peak temperature, van der Sman's curve scaled to the
 * tissue's own first water. An upper bound for a short cook: the juice takes minutes to find its way
 * out.
 */
export const dripShare = (piece: PieceState): number => {
  const { count, matter, volume, water, full, peak } = piece;
  let drip = piece.dripped;
  let mass = 0;
  for (let c = 0; c < count; c += 1) {
    const held = matter.water[c] * shareHeld(peak[c]);
    drip += volume[c] * Math.max(0, Math.min(water[c], full[c]) - held);
    mass += volume[c] * matter.density[c];
  }
  return drip / mass;
};

/** Share of the largest possible drip that a cook loses, and the uncertainty of a loss. Estimates. */
const DRIPS = 0.6;
const LOSS_WITHIN = 0.03;

/** Share of the first mass that is gone: a central figure, and about one deviation either way. */
export interface Loss {
  readonly central: number;
  readonly least: number;
  readonly most: number;
}

/** Loss from evaporation and the largest possible drip, as shares of the first mass. */
export const lossOf = (evaporated: number, drip: number): Loss => {
  const central = evaporated + DRIPS * drip;
  return { central, least: Math.max(0, central - LOSS_WITHIN), most: central + LOSS_WITHIN };
};
