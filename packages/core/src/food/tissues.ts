import type { Composition } from './composition';

export const TISSUE_NAMES = [
  'lean-beef',
  'marbled-beef',
  'grass-fed-beef',
  'veal',
  'pork',
  'marbled-pork',
  'lamb',
  'venison',
  'duck',
  'duck-skin',
  'fat-cap',
  'fish-skin',
  'salmon',
  'tuna',
  'white-fish',
  'scallop',
  'bone',
] as const;

/** A tissue the heat core knows, as written in files. */
export type TissueName = (typeof TISSUE_NAMES)[number];

const of = (water: number, protein: number, fat: number, ash: number): Composition => ({
  water,
  protein,
  fat,
  ash,
});

/**
 * Mass fractions of each tissue, raw and trimmed, after the composition tables of USDA FoodData
 * Central (SR Legacy), rounded so that each sums to one. A scallop's few per cent of carbohydrate are
 * counted with its protein.
 */
export const TISSUES: Readonly<Record<TissueName, Composition>> = {
  'lean-beef': of(0.715, 0.22, 0.055, 0.01),
  'marbled-beef': of(0.6, 0.19, 0.2, 0.01),
  'grass-fed-beef': of(0.735, 0.225, 0.03, 0.01),
  veal: of(0.755, 0.205, 0.03, 0.01),
  pork: of(0.72, 0.215, 0.055, 0.01),
  'marbled-pork': of(0.65, 0.18, 0.16, 0.01),
  lamb: of(0.73, 0.205, 0.055, 0.01),
  venison: of(0.735, 0.23, 0.025, 0.01),
  duck: of(0.75, 0.2, 0.04, 0.01),
  'duck-skin': of(0.3, 0.1, 0.595, 0.005),
  // Separable fat of raw beef and pork runs from 65 to 80 % fat; the middle.
  'fat-cap': of(0.205, 0.075, 0.715, 0.005),
  // Proximate analyses of fish skin run from 60 to 70 % water and 25 to 30 % protein; the middle.
  'fish-skin': of(0.64, 0.28, 0.07, 0.01),
  salmon: of(0.68, 0.2, 0.11, 0.01),
  tuna: of(0.74, 0.24, 0.005, 0.015),
  'white-fish': of(0.805, 0.175, 0.01, 0.01),
  scallop: of(0.825, 0.155, 0.005, 0.015),
  bone: of(0.3, 0.2, 0.2, 0.3),
};

/** Source of a tissue's figures, in a cook's words. */
export const TISSUE_SOURCE = 'USDA FoodData Central, raw and trimmed, rounded';
