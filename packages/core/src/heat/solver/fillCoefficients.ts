import { PROPERTY_CEILING } from '../../food';
import { CONDUCTIVITY_DRY } from '../matter/constants';
import { placeFronts } from './dryingFront';
import { MELTING_HEAT, MELTS_FROM, MELTS_TO, meltingSlope } from '../matter/fatMelting';
import type { PieceState } from './pieceState';
import { CHOI_OKOS } from '../../food/properties';
import type { StepArrays } from './stepArrays';

/** Local alias for hot loops. */
const { min } = Math;

const [W0, W1, W2] = CHOI_OKOS.water.capacity;

/**
 * Present resistances and heat capacity of every cell, and conductances between neighbours: the resistances between
 * their centres, in series.
 */
export const fillCoefficients = (piece: PieceState, arrays: StepArrays): void => {
  const { temperature, water, full, perFull, heights, volume, count, rows, columns } = piece;
  const { section, matter, faceScale, heightScale } = piece;
  const { outward, inward, resistivity, capacity, upward, sideways } = arrays;
  const { widths, area, breadth, boundary } = section;
  const [k0, k1, k2] = matter.conductivity;
  const [s0, s1, s2] = matter.solids;
  for (let c = 0; c < count; c += 1) {
    const t = min(temperature[c], PROPERTY_CEILING);
    const w = water[c];
    const share = w >= full[c] ? 1 : w * perFull[c];
    const wet = k0[c] + t * (k1[c] + t * k2[c]);
    const k = CONDUCTIVITY_DRY + (wet - CONDUCTIVITY_DRY) * share;
    resistivity[c] = 0.5 / k;
    outward[c] = resistivity[c];
    inward[c] = resistivity[c];
    capacity[c] = volume[c] * (s0[c] + t * (s1[c] + t * s2[c]) + w * (W0 + t * (W1 + t * W2)));
  }
  if (piece.model.fatMelts) {
    for (let c = 0; c < count; c += 1) {
      const t = temperature[c];
      if (t <= MELTS_FROM || t >= MELTS_TO) continue;
      capacity[c] += volume[c] * matter.fat[c] * MELTING_HEAT * meltingSlope(t);
    }
  }
  if (piece.model.frontInCell) placeFronts(piece, arrays);
  const half = rows / 2;
  for (let j = 0, c = 0; j < columns; j += 1) {
    const columnArea = (area[j] * faceScale) / heightScale;
    for (let i = 1; i < rows; i += 1, c += 1) {
      const before = heights[i - 1] * (i <= half ? inward[c] : outward[c]);
      const after = heights[i] * (i < half ? outward[c + 1] : inward[c + 1]);
      upward[c] = (columnArea * boundary[i]) / (before + after);
    }
    upward[c] = 0;
    c += 1;
  }
  for (let j = 0, c = 0; j + 1 < columns; j += 1) {
    const own = widths[j];
    const next = widths[j + 1];
    const side = breadth[j + 1] * heightScale;
    for (let i = 0; i < rows; i += 1, c += 1) {
      sideways[c] = (side * heights[i]) / (own * resistivity[c] + next * resistivity[c + rows]);
    }
  }
};
