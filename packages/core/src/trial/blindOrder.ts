/** Draws the order in which pieces are tasted: all orders are equally likely. */
export const blindOrder = (pieces: number, random: () => number): readonly number[] => {
  const order = Array.from({ length: pieces }, (_, i) => i);
  for (let i = pieces - 1; i > 0; i -= 1) {
    const j = Math.floor(random() * (i + 1));
    [order[i], order[j]] = [order[j], order[i]];
  }
  return order;
};

/**
 * Probability that at least this number of tasters agree on any one plate if all guess.
 * @param plates at least 2
 */
export const agreeByGuessing = (tasters: number, agreeing: number, plates: number): number => {
  if (agreeing <= Math.ceil(tasters / plates) && agreeing * plates <= tasters) return 1;
  const one = 1 / plates;
  let chance = 0;
  let choose = 1;
  for (let k = 0; k <= tasters; k += 1) {
    if (k >= agreeing) chance += choose * one ** k * (1 - one) ** (tasters - k);
    choose = (choose * (tasters - k)) / (k + 1);
  }
  // Any of the plates might have been the one; twice counted where two could be at once.
  return Math.min(1, plates * chance);
};
