import { ovenLike, ovenUncertainty, type OvenLike } from '../estimate/ovenLike';
import { deviationAt, KITCHEN_SPREAD } from '../gear';
import { firstOvenLeg } from '../plan/legs/ovenLegs';
import type { LoggedCook } from './loggedCook';
import type { Trait } from './traits';

/** The oven's air and its heat transfer in one figure: cooks separate the two poorly. */
export interface LearnedOven extends OvenLike {
  /** Median temperature at which its cooks set it, C: the figure is of this one. */
  readonly air: number;
}

/** Estimates of all devices in spreads: mean, and covariance row by row. */
interface Estimates {
  readonly mean: Float64Array;
  readonly covariance: Float64Array;
}

/**
 * The oven as a piece meets it, from the estimates of all cooks; undefined if none of them used an oven.
 * @param traits of the devices, in the order of the estimates
 */
export const learnedOven = (
  cooks: readonly LoggedCook[],
  traits: readonly Trait[],
  { mean, covariance }: Estimates,
): LearnedOven | undefined => {
  const airs = cooks
    .flatMap(({ plan }) => firstOvenLeg(plan.legs)?.air ?? [])
    .toSorted((a, b) => a - b);
  const air = airs.at(airs.length >> 1);
  const [oven, heat] = [traits.indexOf('oven'), traits.indexOf('ovenHeat')];
  if (air === undefined) return undefined;
  const kitchen = {
    oven: deviationAt('oven', mean[oven], KITCHEN_SPREAD.oven),
    ovenHeat: deviationAt('ovenHeat', mean[heat], KITCHEN_SPREAD.ovenHeat),
  };
  const unsure = ovenUncertainty(covariance, traits.length, [oven, heat], KITCHEN_SPREAD);
  return { air, ...ovenLike(air, kitchen, unsure) };
};
