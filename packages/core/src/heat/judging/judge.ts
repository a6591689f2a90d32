import { GREY_TEMPERATURE } from '../matter/constants';
import type { PieceState } from '../solver/pieceState';

/** Browning index of a browning integral: log10(1 + B). Under 1 is pale, over 3.3 burnt. */
export const browningIndex = (integral: number): number => Math.log10(1 + integral);

/**
 * Depth of a column that passed a temperature, m, between cell centres by straight lines.
 * @param cells cell heights from one face to the other, m
 * @param peak highest temperature of each cell, C
 */
export const depthPast = (
  cells: ArrayLike<number>,
  peak: ArrayLike<number>,
  temperature = GREY_TEMPERATURE,
): number => {
  const n = cells.length;
  let depth = 0;
  for (let i = 0; i < n; i += 1) {
    const t = peak[i];
    if (i === 0 || i === n - 1) depth += t > temperature ? cells[i] / 2 : 0;
    if (i + 1 >= n) break;
    const u = peak[i + 1];
    const gap = (cells[i] + cells[i + 1]) / 2;
    if (t > temperature && u > temperature) depth += gap;
    else if (t > temperature) depth += (gap * (t - temperature)) / (t - u);
    else if (u > temperature) depth += (gap * (u - temperature)) / (u - t);
  }
  return depth;
};

/** The mid-line's cells of a field over the section, from the face that went down first. */
export const alongMidline = (piece: PieceState, field: Float64Array): Float64Array => {
  const from = piece.section.middle * piece.rows;
  return field.subarray(from, from + piece.rows);
};

/** Grey band: total depth on the mid-line that passed 65 C, m. */
export const greyBand = (piece: PieceState): number =>
  depthPast(piece.heights, alongMidline(piece, piece.peak));

/** Range of the temperature that turns meat grey, K about `GREY_TEMPERATURE`. Estimate: the eye, and the animal. */
const GREY_WITHIN = 3;

/** Depth of the grey band on the mid-line, m: as it is most likely seen, and about one deviation either way. */
export interface GreyRange {
  readonly central: number;
  readonly least: number;
  readonly most: number;
}

/** The grey band with the uncertainty of the temperature at which the eye sees grey. */
export const greyRange = (piece: PieceState): GreyRange => {
  const peak = alongMidline(piece, piece.peak);
  const past = (celsius: number): number => depthPast(piece.heights, peak, celsius);
  return {
    central: past(GREY_TEMPERATURE),
    least: past(GREY_TEMPERATURE + GREY_WITHIN),
    most: past(GREY_TEMPERATURE - GREY_WITHIN),
  };
};

/** Distance from the core's peak that counts as even, K. */
const EVEN_WITHIN = 3;

/** Evenness: share of the section whose peak lies within 3 C of the core's. */
export const evenness = (piece: PieceState, corePeak: number): number => {
  let even = 0;
  let whole = 0;
  for (let c = 0; c < piece.count; c += 1) {
    whole += piece.volume[c];
    if (Math.abs(piece.peak[c] - corePeak) <= EVEN_WITHIN) even += piece.volume[c];
  }
  return even / whole;
};
