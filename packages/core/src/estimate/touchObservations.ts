import type { FeltEvent } from '../cook/event';
import type { DrillError } from '../doneness/drillError';
import type { Observation } from '../maths/robustLeastSquares';
import type { PlanRequest } from '../plan/request/request';
import { addDiscrepancy } from './discrepancy';
import { DISCREPANCY_AT, FITTED } from './estimated';
import { touchObservation } from './fingerTouch';
import { LINEAR_STEP, valueAt, type LinearModel } from './linearModel';
import type { TracedRun } from './tracedRun';

/** Felt firmnesses of a live cook as observations of the core in the middle. @param inAt ms since 1970 */
export const touchObservations = (
  felt: readonly FeltEvent[],
  linear: LinearModel,
  inAt: number,
  request: PlanRequest,
  finger: DrillError | undefined,
): readonly Observation[] =>
  felt.map(({ at, firmness }) => {
    const moment = (at - inAt) / 1000;
    const core = (run: TracedRun): number => valueAt(linear, run, 0, moment);
    const predicted = core(linear.base);
    const slopes = new Float64Array(FITTED);
    linear.moved.forEach((run, j) => {
      slopes[j] = (core(run) - predicted) / LINEAR_STEP;
    });
    addDiscrepancy(slopes, DISCREPANCY_AT, request, moment / linear.pull, predicted);
    return touchObservation(firmness, finger, predicted, slopes, felt.length);
  });
