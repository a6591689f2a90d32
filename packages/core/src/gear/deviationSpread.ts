import { NOMINAL_KITCHEN, type DeviationKey } from './kitchenDeviation';

/** Standard deviation of a uniform distribution over +-half. */
const uniform = (half: number): number => half / Math.sqrt(3);

/**
 * Spread between kitchens, one standard deviation: what one kitchen has in every cook, so that it
 * can be learned. K and m; factors as the logarithm. Estimates: oven dials are commonly off by up to
 * 25 K either way, burners and pressed contact by 30 %, what an oven's air brings to a face by 25 %
 * (its convection, and the vapour that slows or spares evaporation: the data carry one trait for both),
 * a cook's own way to measure thickness by 3 mm.
 */
export const KITCHEN_SPREAD = {
  oven: uniform(25),
  burner: uniform(0.3),
  ovenHeat: uniform(0.25),
  contact: uniform(0.3),
  thickness: uniform(0.003),
} as const satisfies Partial<Record<DeviationKey, number>>;

/** Property of a kitchen that is the same in every cook. */
export type KitchenTrait = keyof typeof KITCHEN_SPREAD;

/**
 * Spread between the cooks of one kitchen, one standard deviation, same units: what else the oven
 * was doing, how long the pan waited, how dry and how pressed the face, where the ruler was laid on a
 * bulging piece, the shelf of the fridge (+-4 K). Estimates.
 */
export const COOK_SPREAD = {
  oven: 2.5,
  ovenHeat: 0.06,
  pan: 6,
  contact: 0.07,
  thickness: 0.0008,
  start: uniform(4),
} as const satisfies Partial<Record<DeviationKey, number>>;

/** A pan whose heat is judged by eye, or by an infrared thermometer, K. Estimate. */
const PAN_AS_JUDGED = 12;

/**
 * Spread of one cook in an unknown kitchen, from which a plan's range and the live forecast
 * begin with.
 */
export const TOTAL_SPREAD = {
  oven: Math.hypot(KITCHEN_SPREAD.oven, COOK_SPREAD.oven),
  ovenHeat: Math.hypot(KITCHEN_SPREAD.ovenHeat, COOK_SPREAD.ovenHeat),
  burner: KITCHEN_SPREAD.burner,
  pan: PAN_AS_JUDGED,
  contact: Math.hypot(KITCHEN_SPREAD.contact, COOK_SPREAD.contact),
  thickness: Math.hypot(KITCHEN_SPREAD.thickness, COOK_SPREAD.thickness),
  start: COOK_SPREAD.start,
} as const satisfies Partial<Record<DeviationKey, number>>;

/** A thermometer's constant error, one standard deviation, K. Estimate. */
export const THERMOMETER_SPREAD = 0.2;

const FACTORS: ReadonlySet<DeviationKey> = new Set(['burner', 'contact', 'ovenHeat']);

/** Deviation at a distance from nominal in standard deviations. */
export const deviationAt = (key: DeviationKey, spreads: number, spread: number): number => {
  const nominal = NOMINAL_KITCHEN[key];
  return FACTORS.has(key) ? nominal * Math.exp(spreads * spread) : nominal + spreads * spread;
};

/** Distance of a deviation from nominal, in standard deviations. */
export const spreadsFrom = (key: DeviationKey, deviation: number, spread: number): number => {
  const nominal = NOMINAL_KITCHEN[key];
  return (FACTORS.has(key) ? Math.log(deviation / nominal) : deviation - nominal) / spread;
};

/** The slope of a deviation against its spreads: its standard deviation in its own unit. */
export const perSpread = (key: DeviationKey, deviation: number, spread: number): number =>
  FACTORS.has(key) ? deviation * spread : spread;
