import type { PieceState } from './pieceState';

/** Water that meat holds at a temperature, kg per kg: van der Sman (2007), for beef. */
export const waterHeld = (celsius: number): number =>
  0.745 - 0.345 / (1 + 30 * Math.exp(-0.25 * (celsius - 52)));

/**
 * Water that drips or is squeezed out, as a share of the first mass: what each cell still has above
 * what it holds after its peak temperature, the curve scaled to the tissue's own first water. An
 * upper bound for a short cook: the juice takes minutes to find its way out.
 */
export const dripShare = (piece: PieceState): number => {
  const raw = waterHeld(0);
  let drip = 0;
  let mass = 0;
  for (let c = 0; c < piece.count; c += 1) {
    const first = piece.matter.water[c];
    const held = (first * waterHeld(piece.peak[c])) / raw;
    drip += piece.volume[c] * Math.max(0, Math.min(piece.water[c], first) - held);
    mass += piece.volume[c] * piece.matter.density[c];
  }
  return drip / mass;
};
