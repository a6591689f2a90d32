import type { ReadingEvent } from '../cook/event';
import { THERMOMETER_SPREAD } from '../gear';
import type { Observation } from '../maths/robustLeastSquares';
import type { PlanRequest } from '../plan/request';
import { addDiscrepancy } from './discrepancy';
import { DISCREPANCY_AT, FITTED, THERMOMETER_AT } from './estimated';
import { handReading, type Hand } from './handReading';
import { valueAt, LINEAR_STEP, type LinearModel } from './linearModel';
import type { TracedRun } from './tracedRun';

/** Standard deviation of a hand's reading about the model where it was well placed, K. Estimate. */
const SIGMA = 0.6;

/** Readings by a kind of hand as observations of the kitchen, each placed anew. */
export const handObservations = (
  readings: readonly ReadingEvent[],
  linear: LinearModel,
  inAt: number,
  request: PlanRequest,
  hand: Hand,
): readonly Observation[] => {
  const { stem, thickness } = request;
  return readings.map(({ at, celsius, lowest = false }): Observation => {
    const moment = (at - inAt) / 1000;
    const of = (run: TracedRun) =>
      handReading(
        (depth) => valueAt(linear, run, depth, moment),
        { stem, thickness, lowest },
        hand,
      );
    const { expected, spread } = of(linear.base);
    const slopes = new Float64Array(FITTED);
    slopes[THERMOMETER_AT] = THERMOMETER_SPREAD;
    linear.moved.forEach((run, j) => {
      slopes[j] = (of(run).expected - expected) / LINEAR_STEP;
    });
    addDiscrepancy(slopes, DISCREPANCY_AT, request, moment / linear.pull, expected);
    return { measured: celsius, predicted: expected, slopes, sigma: Math.hypot(SIGMA, spread) };
  });
};
