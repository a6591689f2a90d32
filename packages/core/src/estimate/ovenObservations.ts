import type { ReadingEvent } from '../cook/event';
import type { Progress } from '../cook/progress';
import type { Observation } from '../maths/robustLeastSquares';
import { FITTED_PARAMETERS, FITTED, kitchenAt, type EstimatedSpreads } from './estimated';
import { firstOvenLeg } from '../plan/legs/ovenLegs';

/** Thermostats swing: one look at the oven's air is worth 6 K, many no better than 3 K. */
const ONE_LOOK = 6;
const MANY_LOOKS = 3;

/** Standard deviation of the mean of this number of readings of the oven's air, K. */
export const ovenLooksSigma = (count: number): number =>
  Math.max(MANY_LOOKS, ONE_LOOK / Math.sqrt(count));

/** The mean of the oven thermometer's readings as an observation of the oven's deviation. */
export const ovenObservations = (
  readings: readonly ReadingEvent[],
  { legs }: Progress,
  point: ArrayLike<number>,
  spreads: EstimatedSpreads,
): readonly Observation[] => {
  const air = firstOvenLeg(legs)?.air;
  const seen = readings.filter(({ by }) => by === 'oven');
  if (air === undefined || seen.length === 0) return [];
  const mean = seen.reduce((sum, { celsius }) => sum + celsius, 0) / seen.length;
  const slopes = new Float64Array(FITTED);
  slopes[FITTED_PARAMETERS.indexOf('oven')] = spreads.oven;
  return [
    {
      measured: mean - air,
      predicted: kitchenAt(point, spreads).oven,
      slopes,
      sigma: ovenLooksSigma(seen.length),
    },
  ];
};
