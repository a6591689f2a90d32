import {
  AIR_CAPACITY_LEWIS,
  AIR_DENSITY_TIMES_T,
  VAPOUR_DIFFUSIVITY_CRUST,
  WATER_ACTIVITY,
  WATER_MOLAR_MASS_OVER_R,
} from './constants';
import { KELVIN } from '../../units';

/** Local alias for hot loops. */
const { exp } = Math;

const MAGNUS_A = 610.94;
const MAGNUS_B = 17.625;
const MAGNUS_C = 243.04;

/** Saturation pressure of water, Pa, at T in C. Magnus (Alduchov & Eskridge 1996). */
export const saturationPressure = (celsius: number): number =>
  MAGNUS_A * exp((MAGNUS_B * celsius) / (MAGNUS_C + celsius));

/** Relative slope of the saturation pressure, 1/K. */
export const saturationSlope = (celsius: number): number =>
  (MAGNUS_B * MAGNUS_C) / ((MAGNUS_C + celsius) * (MAGNUS_C + celsius));

/** Latent heat of evaporation below boiling, J/kg, at T in C. Steam tables, linear. */
export const latentHeat = (celsius: number): number => 2.501e6 - 2361 * celsius;

/** Vapour density over wet meat, kg/m3. */
export const vapourDensityAtMeat = (celsius: number): number =>
  (WATER_ACTIVITY * saturationPressure(celsius) * WATER_MOLAR_MASS_OVER_R) / (celsius + KELVIN);

/** Vapour density of air at a vapour pressure, kg/m3. */
export const vapourDensityOfAir = (pressure: number, celsius: number): number =>
  (pressure * WATER_MOLAR_MASS_OVER_R) / (celsius + KELVIN);

/**
 * Resistance to vapour leaving, s/m: the air's film by Lewis, then the dry layer.
 * @param coefficient convection, W/m2 K
 * @param air temperature of the air, C
 * @param dryDepth thickness of the dried layer, m
 * @param diffusivity of vapour through it, m2/s
 */
export const vapourResistance = (
  coefficient: number,
  air: number,
  dryDepth: number,
  diffusivity = VAPOUR_DIFFUSIVITY_CRUST,
): number =>
  (AIR_DENSITY_TIMES_T / (air + KELVIN)) * (AIR_CAPACITY_LEWIS / coefficient) +
  dryDepth / diffusivity;
