import type { ReadingEvent } from '../cook/event';
import { robustLeastSquares, type Observation } from '../maths/robustLeastSquares';
import type { PlanRequest } from '../plan/request/request';
import { discrepancyPriors } from './discrepancy';
import { FITTED } from './estimated';
import { handObservations } from './handObservations';
import { HANDS } from './handReading';
import type { Account } from './kitchenEstimate';
import type { LinearModel } from './linearModel';
import type { ProbePosition } from './probePositions';

interface Readings {
  readonly linear: LinearModel;
  /** Start of the heat, ms since 1970. */
  readonly inAt: number;
  readonly request: PlanRequest;
  /** The positions that the probe may be in. */
  readonly positions: readonly ProbePosition[];
  readonly byHand: readonly ReadingEvent[];
  /** Of the oven's air, and by the finger. */
  readonly others: readonly Observation[];
}

/** Fits the readings for every position of the probe, every kind of hand and every size of the model's own error. */
export const fitAccounts = ({
  linear,
  inAt,
  request,
  positions,
  byHand,
  others,
}: Readings): readonly Account[] => {
  // The thermometer's error and the model's own are fitted beside the deviations, about zero.
  const point = new Float64Array(FITTED);
  point.set(linear.point);
  const sizes = discrepancyPriors(request, FITTED);
  const hands = byHand.length === 0 ? HANDS.slice(0, 1) : HANDS;
  return hands.flatMap((hand) => {
    const placed = handObservations(byHand, linear, inAt, request, hand);
    const chance = hand.prior * placed.likelihood;
    return positions.flatMap(({ kind, observations, prior }) =>
      sizes.map((size) => ({
        kind,
        fit: robustLeastSquares([...observations, ...others, ...placed.observations], point, {
          chance: size.chance * chance * prior,
          sigma: size.sigma,
        }),
      })),
    );
  });
};
