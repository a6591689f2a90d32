import type { ReadingEvent } from '../cook/event';
import { THERMOMETER_SPREAD } from '../gear';
import type { Observation } from '../maths/robustLeastSquares';
import type { PlanRequest } from '../plan/request/request';
import { addDiscrepancy } from './discrepancy';
import { DISCREPANCY_AT, FITTED, THERMOMETER_AT } from './estimated';
import {
  predictHandReading,
  placesGiven,
  placesMoved,
  shownByHand,
  type Hand,
} from './handReading';
import { valueAt, LINEAR_STEP, type LinearModel } from './linearModel';
import type { TracedRun } from './tracedRun';

/** Standard deviation of a hand's reading about the model where it was well placed, K. Estimate. */
const SIGMA = 0.6;

interface HandObservations {
  readonly observations: readonly Observation[];
  /** Of the places where the tip must have been, relative to those of a hand that is well placed. */
  readonly likelihood: number;
}

/**
 * Readings of a kind of hand as observations of the kitchen. A tip off the middle of a piece in a pan shows more than
 * the middle, never less: its position is weighted by its reading, within the uncertainty of the kitchen.
 */
export const handObservations = (
  readings: readonly ReadingEvent[],
  linear: LinearModel,
  inAt: number,
  request: PlanRequest,
  hand: Hand,
): HandObservations => {
  const { stem, thickness } = request;
  let likelihood = 1;
  const observations = readings.map(({ at, celsius, lowest = false }): Observation => {
    const moment = (at - inAt) / 1000;
    const shownIn = (run: TracedRun): readonly number[] =>
      shownByHand(
        (depth) => valueAt(linear, run, depth, moment),
        { stem, thickness, lowest },
        hand,
      );
    const shown = shownIn(linear.base);
    const before = predictHandReading(shown).expected;
    const slopes = new Float64Array(FITTED);
    slopes[THERMOMETER_AT] = THERMOMETER_SPREAD;
    linear.moved.forEach((run, j) => {
      slopes[j] = (predictHandReading(shownIn(run)).expected - before) / LINEAR_STEP;
    });
    addDiscrepancy(slopes, DISCREPANCY_AT, request, moment / linear.pull, before);
    const doubt = Math.hypot(SIGMA, ...slopes);
    const places = placesGiven(shown, celsius, doubt);
    likelihood *= Math.exp(-placesMoved(places));
    const { expected, spread } = predictHandReading(shown, places);
    return { measured: celsius, predicted: expected, slopes, sigma: Math.hypot(SIGMA, spread) };
  });
  return { observations, likelihood };
};
