import { learnOne, type KitchenLearned } from '../bench/learnBench';

/** Number of kitchens learned for the page; the bench learns 100. */
export const KITCHENS_SHOWN = 16;

let known: readonly KitchenLearned[] | undefined;

/** The first kitchens of the bench's first seed: for the table and for the figure. */
export const learnedKitchens = (): readonly KitchenLearned[] => {
  known ??= Array.from({ length: KITCHENS_SHOWN }, (_, nth) => learnOne(1, nth));
  return known;
};
