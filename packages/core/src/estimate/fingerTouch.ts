import type { DrillError } from '../doneness/drillError';
import { firmnessRange, type Firmness } from '../doneness/firmness';
import type { Observation } from '../maths/robustLeastSquares';

/** Standard deviation of a finger without drills, K: more than half of a firmness. Estimate. */
const FINGER_ERROR = 5;
/** Least standard deviation of a finger, whatever its drills found: meat of another age or cut feels otherwise, K. */
const LEAST_ERROR = 3;

/**
 * A felt firmness as an observation of the core. A core within the temperatures of the firmness agrees with it; another
 * is drawn to their nearer end.
 * @param predicted the core by the model, C
 * @param slopes of the core by each parameter
 * @param touches of the cook: they share the finger's error and count as one together
 */
export const touchObservation = (
  firmness: Firmness,
  { bias, spread = FINGER_ERROR }: DrillError = { bias: 0, spread: undefined },
  predicted: number,
  slopes: Float64Array,
  touches: number,
): Observation => {
  const [from, to] = firmnessRange(firmness);
  const measured = Math.min(to - bias, Math.max(from - bias, predicted));
  const width = Number.isFinite(to - from) ? (to - from) / Math.sqrt(12) : 0;
  const one = Math.hypot(Math.max(LEAST_ERROR, spread), width);
  return { measured, predicted, slopes, sigma: one * Math.sqrt(touches) };
};

/** A core this far from the temperatures of a firmness is not felt as that, K. */
const BELIEVED = 14;

/** Whether a firmness is not plausible for the expected core, C. */
export const isUnlikelyTouch = (firmness: Firmness, expected: number): boolean => {
  const [from, to] = firmnessRange(firmness);
  return expected < from - BELIEVED || expected > to + BELIEVED;
};
