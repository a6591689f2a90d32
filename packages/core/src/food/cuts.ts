import type { CutTraits } from './cutTraits';
import { BEEF } from './larder/beef';
import { FISH } from './larder/fish';
import { LAMB_AND_GAME } from './larder/lambAndGame';
import { ON_THE_BONE } from './larder/onTheBone';
import { SKIN_ON } from './larder/skinOn';
import { VEAL_AND_PORK } from './larder/vealAndPork';
import { WHOLE } from './larder/whole';

export const CUT_IDS = [
  'strip-steak',
  'ribeye',
  'fillet-steak',
  'flat-iron',
  'rump-steak',
  'rump-cap',
  'skirt-steak',
  'flank-steak',
  'hanger-steak',
  'minute-steak',
  'grass-fed-strip',
  'rib-bone-in',
  't-bone',
  'long-bone-rib',
  'veal-loin',
  'veal-fillet',
  'veal-chop',
  'pork-loin',
  'pork-fillet',
  'pork-neck',
  'pork-chop',
  'lamb-loin',
  'lamb-leg',
  'lamb-rump',
  'lamb-chop',
  'lamb-rack',
  'venison-loin',
  'venison-haunch',
  'boar-loin',
  'duck-breast',
  'duck-breast-skinned',
  'salmon-fillet',
  'salmon-skin-on',
  'tuna-steak',
  'white-fish-fillet',
  'white-fish-skin-on',
  'monkfish-tail',
  'scallop',
  'rib-roast',
  'whole-fillet',
  'whole-rump-cap',
  'loin-joint',
  'pork-loin-joint',
  'rolled-lamb-leg',
  'salmon-side',
] as const;
export type CutId = (typeof CUT_IDS)[number];

/** A cut of the larder. */
export type Cut = CutTraits;

/** The larder, in the order of the counter. */
export const CUTS: Readonly<Record<CutId, Cut>> = {
  ...BEEF,
  ...VEAL_AND_PORK,
  ...LAMB_AND_GAME,
  ...FISH,
  ...ON_THE_BONE,
  ...SKIN_ON,
  ...WHOLE,
};
