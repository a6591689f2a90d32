import type { Species } from '../food';

/** Fish served cooler than this is to have been frozen first, C. FDA Food Code 3-402.11. */
export const PARASITES_DIE_AT = 60;

/** Freezing that kills parasites in fish: FDA Food Code 3-402.11. */
export const PARASITE_FREEZING: readonly { readonly celsius: number; readonly hours: number }[] = [
  { celsius: -20, hours: 7 * 24 },
  { celsius: -35, hours: 15 },
];

const FISH: readonly Species[] = ['salmon', 'tuna', 'white-fish'];

/** Whether a fish that ends at a temperature should have been frozen before, local codes aside. */
export const frozenFirst = (species: Species, celsius: number): boolean =>
  FISH.includes(species) && celsius < PARASITES_DIE_AT;
