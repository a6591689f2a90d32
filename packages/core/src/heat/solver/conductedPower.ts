import type { PieceState } from './pieceState';
import type { StepArrays } from './stepArrays';

/** Writes the net conducted power of each cell at the current state, W. */
export const conductedPower = (
  { temperature, count, rows, columns }: PieceState,
  { power, upward, sideways }: StepArrays,
): void => {
  let below = 0;
  for (let c = 0; c < count; c += 1) {
    const link = upward[c];
    // The last of a column has no link upward.
    const up = link > 0 ? link * (temperature[c + 1] - temperature[c]) : 0;
    power[c] = up - below;
    below = up;
  }
  if (columns === 1) return;
  for (let c = 0, next = rows; next < count; c += 1, next += 1) {
    const across = sideways[c] * (temperature[next] - temperature[c]);
    power[c] += across;
    power[next] -= across;
  }
};
