import { PROPERTY_CEILING } from '../../food';
import { CONDUCTIVITY_DRY, CRUST_WATER_SHARE } from '../matter/constants';
import type { PieceState } from './pieceState';
import type { StepArrays } from './stepArrays';

/** Local alias for hot loops. */
const { min } = Math;

/**
 * Part of a cell that the drying front has not passed: 1 with all of its first water, 0 when it becomes crust.
 * @param share of its first water
 */
export const wetPartOf = (share: number): number =>
  (share - CRUST_WATER_SHARE) / (1 - CRUST_WATER_SHARE);

/**
 * Front tracking: moves the node of a drying cell to the centre of its wet part. The cell dries from the side of the
 * face. A front in the middle of a cell would jump to the next cell, and the heat through the crust with it.
 */
export const placeFronts = (
  { temperature, water, full, perFull, count, matter }: PieceState,
  { outward, inward, resistivity }: StepArrays,
): void => {
  const [k0, k1, k2] = matter.conductivity;
  for (let c = 0; c < count; c += 1) {
    if (water[c] >= full[c]) continue;
    const share = water[c] * perFull[c];
    if (share > CRUST_WATER_SHARE) {
      const t = min(temperature[c], PROPERTY_CEILING);
      const wet = k0[c] + t * (k1[c] + t * k2[c]);
      const crust = CONDUCTIVITY_DRY + (wet - CONDUCTIVITY_DRY) * CRUST_WATER_SHARE;
      const wetPart = wetPartOf(share);
      inward[c] = (0.5 * wetPart) / wet;
      outward[c] = inward[c] + (1 - wetPart) / crust;
    } else {
      // As the last water of a crust goes, its heat comes to lie in its middle.
      inward[c] = resistivity[c] * (1 - share / CRUST_WATER_SHARE);
      outward[c] = 2 * resistivity[c] - inward[c];
    }
  }
};
