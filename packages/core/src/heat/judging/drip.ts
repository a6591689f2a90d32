import type { PieceState } from '../solver/pieceState';
import { shareHeld } from '../matter/waterHeld';

/** Share of the largest possible drip that a cook loses, and the uncertainty of a loss. Estimates. */
const DRIPS = 0.6;
const LOSS_WITHIN = 0.03;

const massOf = ({ volume, matter }: PieceState): number =>
  volume.reduce((mass, each, c) => mass + each * matter.density[c], 0);

/**
 * Largest possible drip, as a share of the first mass: what has dripped, and what each cell still has above what it
 * holds after its peak temperature, van der Sman's curve scaled to the tissue's own first water.
 */
export const dripShare = (piece: PieceState): number => {
  const { count, matter, volume, water, full, peak } = piece;
  let drip = piece.dripped;
  for (let c = 0; c < count; c += 1) {
    const held = matter.water[c] * shareHeld(peak[c]);
    drip += volume[c] * Math.max(0, Math.min(water[c], full[c]) - held);
  }
  return drip / massOf(piece);
};

/**
 * Water that has dripped, as a share of the first mass. The kitchen model follows the juice; the baseline does not, and
 * takes a share of the largest possible drip.
 */
export const drippedShare = (piece: PieceState): number =>
  piece.model.juice ? piece.dripped / massOf(piece) : DRIPS * dripShare(piece);

/** Share of the first mass that is gone: a central figure, and about one deviation either way. */
export interface Loss {
  readonly central: number;
  readonly least: number;
  readonly most: number;
}

/** Water that a piece has lost, as shares of its first mass. */
export interface WaterLost {
  readonly evaporated: number;
  readonly dripped?: number | undefined;
  /** Largest possible drip: plans of older versions have only this. */
  readonly drip?: number | undefined;
}

/** Loss from evaporation and from what has dripped. */
export const lossOf = ({ evaporated, drip = 0, dripped = DRIPS * drip }: WaterLost): Loss => {
  const central = evaporated + dripped;
  return { central, least: Math.max(0, central - LOSS_WITHIN), most: central + LOSS_WITHIN };
};
