import type { TissueName } from '../../food';

/**
 * Every constant of the heat model, in SI and Celsius, with its source; an estimate stands with the
 * range in which it probably lies. docs/heat-model.md lists them together.
 */

/** Temperature at which wet tissue boils and holds, C. Estimate, 100.2 to 101: solutes raise it. */
export const BOILING = 100.5;
/** Latent heat of boiling water, J/kg, at 100 C. Steam tables. */
export const LATENT_BOILING = 2.257e6;
/** Conductivity of the dried layer (crust), W/m K. Estimate, 0.08 to 0.25. */
export const CONDUCTIVITY_DRY = 0.15;
/** Share of its first water under which a cell counts as crust. Convention. */
export const CRUST_WATER_SHARE = 0.1;
/** Diffusivity of vapour through the dried layer, m2/s. Estimate, 1e-6 to 1e-5. */
export const VAPOUR_DIFFUSIVITY_CRUST = 3e-6;
/** Water activity of a wet meat surface. Estimate, 0.97 to 0.99. */
export const WATER_ACTIVITY = 0.98;
/** Molar mass of water over the gas constant, kg K/J. CODATA. */
export const WATER_MOLAR_MASS_OVER_R = 0.01801528 / 8.314462618;
/** Stefan-Boltzmann constant, W/m2 K4. CODATA. */
export const STEFAN_BOLTZMANN = 5.670374419e-8;
/** Heat capacity of air, J/kg K, times the Lewis number's 2/3 power (0.9). Heat and mass analogy. */
export const AIR_CAPACITY_LEWIS = 1007 * 0.9;
/** Density of air times its absolute temperature, kg K/m3: rho = 353 / T. Ideal gas at 1 atm. */
export const AIR_DENSITY_TIMES_T = 353;
/** Depth over which the browning integral is taken, m. Convention. */
export const BROWNING_DEPTH = 0.25e-3;
/** Browning reference temperature, C, and its tenfold step, K. Estimate, fitted to the order of cooks' words. */
export const BROWNING_REFERENCE = 150;
export const BROWNING_TENFOLD = 29;
/** Temperature that turns meat grey, C: the edge of the grey band. Denaturation of myoglobin, 60 to 70. */
export const GREY_TEMPERATURE = 65;
/** Contact coefficient of a pressed, oiled face once dry, W/m2 K. Estimate, 80 to 250. */
export const CONTACT_DRY = 150;
/**
 * Additional contact coefficient of a wet face, W/m2 K. Estimate; published wet contact coefficients are 200 to 1200.
 */
export const CONTACT_WET_EXTRA = 250;
/**
 * A face in hot fat, W/m2 K: once dry, and what bubbling adds while wet. Published frying
 * coefficients run from 200 (no bubbles) to 600 (boiling); ours lie low in that range.
 */
export const FAT_DRY = 200;
export const FAT_WET_EXTRA = 250;
/** Emissivity of meat. Handbook, 0.85 to 0.95. */
export const EMISSIVITY_MEAT = 0.9;
/** Vapour pressure of kitchen air and of oven air, Pa. Estimates; ovens 1500 to 8000. */
export const VAPOUR_PRESSURE_KITCHEN = 1200;
export const VAPOUR_PRESSURE_OVEN = 2000;
/**
 * Browning law that needs heat and dryness together. Its rate at 150 C relative to the baseline's; the temperature
 * step that multiplies it by ten, K (76 kJ/mol; bread crusts are reported near 64 to 72, meat with steps of 25 to 35
 * K, both as recalled); and its onset, C, as the mean over the depth that dries first, whose face is about 10 K hotter
 * (bread browns above about 120 C at a water activity under 0.6, Purlis & Salvadori 2009, as recalled). Fitted
 * together with the thresholds of `doneness/crustColour` to reports of cooks: `apps/cli/src/fit/browningAnchors.ts`,
 * docs/validation.md.
 */
export const DRY_BROWNING = {
  rate: 0.82,
  tenfold: 45,
  onsetFrom: 95,
  onsetTo: 103,
  depth: 0.15e-3,
} as const;
/** Rate of browning of the skin of fish and of duck, of bare meat's. Estimates. */
export const SKIN_BROWNING: Readonly<Partial<Record<TissueName, number>>> = {
  'fish-skin': 0.3,
  'duck-skin': 0.1,
  'fat-cap': 0.1,
};

/** Danger zone, C: common limits of cold and of hot holding. */
export const DANGER_ZONE_C = [5, 60] as const;
