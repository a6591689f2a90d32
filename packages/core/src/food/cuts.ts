import type { CutTraits, LarderCut } from './cutTraits';
import { BEEF } from './larder/beef';
import { FISH } from './larder/fish';
import { LAMB_AND_GAME } from './larder/lambAndGame';
import { ON_THE_BONE } from './larder/onTheBone';
import { SKIN_ON } from './larder/skinOn';
import { VEAL_AND_PORK } from './larder/vealAndPork';
import { WHOLE } from './larder/whole';

/** A cut: of the larder, or a cook's own. */
export type Cut = CutTraits;

const LARDER = {
  ...BEEF,
  ...ON_THE_BONE,
  ...VEAL_AND_PORK,
  ...LAMB_AND_GAME,
  ...SKIN_ON,
  ...FISH,
  ...WHOLE,
};
export type CutId = keyof typeof LARDER;

export const CUTS: Readonly<Record<CutId, LarderCut>> = LARDER;

const isCutId = (id: string): id is CutId => id in LARDER;
/** Ids of the cuts in the order of the larder. */
export const CUT_IDS: readonly CutId[] = Object.keys(LARDER).filter(isCutId);
