import type { CutTraits, LarderCut } from './cutTraits';
import { BEEF } from './larder/beef';
import { FISH } from './larder/fish';
import { LAMB_AND_GAME } from './larder/lambAndGame';
import { ON_THE_BONE } from './larder/onTheBone';
import { SKIN_ON } from './larder/skinOn';
import { VEAL_AND_PORK } from './larder/vealAndPork';
import { WHOLE } from './larder/whole';
import { SPECIES } from './species';

/** A cut: of the larder, or a cook's own. */
export type Cut = CutTraits;

const LARDER = {
  ...BEEF,
  ...VEAL_AND_PORK,
  ...LAMB_AND_GAME,
  ...ON_THE_BONE,
  ...FISH,
  ...SKIN_ON,
  ...WHOLE,
};
export type CutId = keyof typeof LARDER;

export const CUTS: Readonly<Record<CutId, LarderCut>> = LARDER;

const isCutId = (id: string): id is CutId => id in LARDER;
/** Rank of a cut in the list: by species, pieces for several last. */
const rankOf = (id: CutId): number => {
  const { species, whole } = CUTS[id];
  return SPECIES.indexOf(species) + (whole ? SPECIES.length : 0);
};
/** Ids of the cuts, by species. */
export const CUT_IDS: readonly CutId[] = Object.keys(LARDER)
  .filter(isCutId)
  .toSorted((a, b) => rankOf(a) - rankOf(b));

/** Traits with which a cook's own cut begins: those of the cut that it is most like, without the words of the larder. */
export const traitsOf = (cut: Cut): CutTraits => {
  const { words: _words, ...traits } = { words: undefined, ...cut };
  return traits;
};
