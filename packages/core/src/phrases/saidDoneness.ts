import { DONENESS_SCALES } from '../doneness';
import type { Species } from '../food';
import type { DonenessWord } from './donenessWord';

/** Name on a species' scale of a doneness with several names. */
const OTHERWISE: Readonly<
  Partial<Record<DonenessWord, Readonly<Partial<Record<Species, string>>>>>
> = {
  blue: { lamb: 'rare', duck: 'rare', venison: 'rare', tuna: 'raw inside' },
  rare: { veal: 'rosy', salmon: 'translucent' },
  'medium-rare': { pork: 'pink', veal: 'rosy', salmon: 'soft', tuna: 'rare' },
  medium: {
    ...{ pork: 'blushing', veal: 'pink', salmon: 'flaking', 'white-fish': 'just set' },
    scallop: 'just set',
  },
  'medium-well': { pork: 'just done', duck: 'medium', venison: 'past medium' },
  'well done': {
    ...{ venison: 'past medium', salmon: 'firm', tuna: 'firm', 'white-fish': 'firm' },
    scallop: 'firm',
  },
  pink: {
    ...{ beef: 'medium', lamb: 'medium-rare', duck: 'medium-rare', venison: 'medium-rare' },
    ...{ salmon: 'soft', tuna: 'rare' },
  },
  rosy: {
    beef: 'medium-rare',
    pork: 'pink',
    lamb: 'medium-rare',
    duck: 'medium-rare',
    venison: 'medium-rare',
  },
};

/** The end that a named doneness stands for, C; undefined if the species' scale has none like it. */
export const saidDoneness = (species: Species, word: DonenessWord): number | undefined => {
  const name = OTHERWISE[word]?.[species] ?? word;
  return DONENESS_SCALES[species].find((step) => step.name === name)?.target;
};

/** Planned ends that a named doneness covers on a species' scale, C: up to the next step; undefined if it has none. */
export const donenessRange = (
  species: Species,
  word: DonenessWord,
): { readonly from: number; readonly below: number } | undefined => {
  const scale = DONENESS_SCALES[species];
  const name = OTHERWISE[word]?.[species] ?? word;
  const at = scale.findIndex((step) => step.name === name);
  const step = scale.at(at);
  if (at < 0 || !step) return undefined;
  return { from: step.from, below: scale.at(at + 1)?.from ?? Infinity };
};
