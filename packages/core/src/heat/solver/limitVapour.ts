import { CRUST_WATER_SHARE } from '../matter/constants';
import type { FaceLine } from './faceLine';
import type { PieceBounds } from './pieceBounds';
import type { PieceState } from './pieceState';
import type { StepArrays } from './stepArrays';
import { IMPLICIT } from './stepControl';
import { latentHeat } from '../matter/vapour';

/** Local alias for hot loops. */
const { max } = Math;

/** Water that a cell dried below boiling keeps, share of its first water: just below the limit of a wet cell. */
export const LEFT_IN_CRUST = CRUST_WATER_SHARE - 1e-6;
/** Difference below which unused heat of vapour is not returned to its cell, K. */
const LEFT_OVER = 2;

const limitAt = (
  { temperature, water, full, volume, model }: PieceState,
  face: FaceLine,
  capacity: Float64Array,
  moved: Float64Array,
  dt: number,
): boolean => {
  const stays = model.frontInCell ? LEFT_IN_CRUST : 0;
  let limited = false;
  for (let p = 0; p < face.count; p += 1) {
    const wet = face.wetCell[p];
    if (wet < 0) continue;
    const at = temperature[wet] + IMPLICIT * moved[wet];
    const wanted = (face.vapourConstant[p] + face.vapourSlope[p] * at) * dt;
    let lacks = wanted;
    const far = face.outer[p] + face.depth * face.inward;
    for (let c = wet; c !== far && lacks > 0; c += face.inward) {
      lacks -= max(0, (water[c] - stays * full[c]) * volume[c]);
    }
    if (lacks * latentHeat(temperature[wet]) <= LEFT_OVER * capacity[wet]) continue;
    const share = 1 - lacks / wanted;
    face.vapourConstant[p] *= share;
    face.vapourSlope[p] *= share;
    limited = true;
  }
  return limited;
};

/**
 * Limits the vapour of each place of the surface to the water that its line holds. A corner cell that is wetted before
 * lines that are dry holds almost none: over a long step the heat that its vapour did not take would return to that
 * cell.
 * @param change of a step, from its last factor, K
 * @returns whether one was limited: then the step must be solved again
 */
export const limitVapour = (
  piece: PieceState,
  { lower, upper, edges }: PieceBounds,
  { capacity, swept }: StepArrays,
  change: Float64Array,
  dt: number,
): boolean => {
  let limited = limitAt(piece, lower, capacity, swept, dt);
  limited = limitAt(piece, upper, capacity, swept, dt) || limited;
  for (const edge of edges) limited = limitAt(piece, edge, capacity, change, dt) || limited;
  return limited;
};
