import type { Species } from '../food';
import type { PieceState } from '../heat';
import { donenessOf, DONENESS_SCALES, type DonenessStep } from './scales';

/** Share of a section with each doneness. */
export interface DonenessShare {
  readonly step: DonenessStep;
  /** Share of the section's volume, 0 to 1. */
  readonly share: number;
}

/** The doneness field in shares: each cell is as done as its peak temperature says. */
export const donenessShares = (piece: PieceState, species: Species): readonly DonenessShare[] => {
  const volume = new Map<DonenessStep, number>();
  for (let c = 0; c < piece.count; c += 1) {
    const step = donenessOf(species, piece.peak[c]);
    volume.set(step, (volume.get(step) ?? 0) + piece.volume[c]);
  }
  return DONENESS_SCALES[species].map((step) => ({
    step,
    share: (volume.get(step) ?? 0) / piece.whole,
  }));
};
