import type { Crossing } from '../maths/findCrossing';

/** A run that ended further from the target says little of where it is met, K. */
const TELLS = 0.5;

/**
 * The time that the runs of a search lead to together: each says one by its end and the slope, and they are
 * averaged. Where cells of a face run dry one by one an end wavers by some hundredths of a degree, and the time
 * that happens to meet the target would jump with every change of the request.
 * @param slope of the end with the time, above zero, K/s
 */
export const steadiedTime = (tried: readonly Crossing[], goal: number, slope: number): number => {
  const told = tried.filter(({ y }) => Math.abs(y - goal) <= TELLS);
  return told.reduce((sum, { x, y }) => sum + x + (goal - y) / slope, 0) / told.length;
};
