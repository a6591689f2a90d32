import { ESTIMATES } from '../matter/estimates';
import type { PieceState } from './pieceState';

/** Share of its area that a face loses when the meat is done through. */
const MOST = ESTIMATES.faceShrinkage.value;
/**
 * Meat shrinks between these, C: across the fibres from 40 to 60, along them from 60 (Tornberg 2005, as
 * recalled); one smooth step stands for both.
 */
const FROM = 40;
const TO = 72;
/** Density of the water that leaves, kg/m3: what is lost makes the piece smaller by its volume. */
const WATER_DENSITY = 1000;

const shrunk = (peak: number): number => {
  if (peak <= FROM) return 0;
  if (peak >= TO) return 1;
  const x = (peak - FROM) / (TO - FROM);
  return x * x * (3 - 2 * x);
};

/**
 * Updates a piece's faces and thickness: faces shrink with the mean history of their cells, and the remaining volume
 * determines the thickness, which first grows and then falls as juice is lost.
 */
export const shrink = (piece: PieceState): void => {
  const { peak, volume, count, whole } = piece;
  let sum = 0;
  for (let c = 0; c < count; c += 1) sum += volume[c] * shrunk(peak[c]);
  const left = 1 - (piece.evaporated + piece.dripped) / (whole * WATER_DENSITY);
  piece.faceScale = 1 - (MOST * sum) / whole;
  piece.heightScale = left / piece.faceScale;
};
