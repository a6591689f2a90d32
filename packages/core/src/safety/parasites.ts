import type { Species } from '../food/species';

/** Fish served cooler than this must have been frozen first, C. FDA Food Code 3-401.11 and 3-402.11 (63 C, 145 F). */
export const PARASITES_DIE_AT = 63;

/** Freezing that kills parasites in fish: FDA Food Code 3-402.11. */
export const PARASITE_FREEZING: readonly { readonly celsius: number; readonly hours: number }[] = [
  { celsius: -20, hours: 7 * 24 },
  { celsius: -35, hours: 15 },
];

const FISH: readonly Species[] = ['salmon', 'tuna', 'white-fish'];

/** Whether a fish that ends at a temperature, C, must have been frozen before; local codes may exempt it. */
export const frozenFirst = (species: Species, celsius: number): boolean =>
  FISH.includes(species) && celsius < PARASITES_DIE_AT;
