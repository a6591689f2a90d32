import type { Cut } from '../food';

export const WAYS = [
  'once',
  'often',
  'skin-down',
  'cold-pan',
  'sear-oven',
  'oven-sear',
  'sear-oven-sear',
] as const;
/**
 * A way through the cook: in the pan turned once or often, skin down nearly all the way, skin down
 * from a cold pan, sear then oven, oven then sear, or a sear before and after a low oven.
 */
export type Way = (typeof WAYS)[number];

/** Ways with an oven in them, and those whose oven is the low one. */
export const usesOven = (way: Way): boolean => way.includes('oven');
export const usesLowOven = (way: Way): boolean => way === 'oven-sear' || way === 'sear-oven-sear';

/** Skin with a layer of fat to render under it is thicker than this, m; fish skin is thinner. */
const FATTY_SKIN = 0.003;

export const hasFattySkin = ({ skin }: Pick<Cut, 'skin'>): boolean =>
  skin !== undefined && skin.thickness >= FATTY_SKIN;

const PLAIN: readonly Way[] = ['once', 'often', 'sear-oven', 'oven-sear', 'sear-oven-sear'];
const FATTY: readonly Way[] = ['cold-pan', 'sear-oven', 'once'];
const SKIN: readonly Way[] = ['skin-down', 'sear-oven', 'once'];
const SMALL: readonly Way[] = ['once', 'often'];

/** The ways that apply to a piece, in the order they are shown. */
export const waysFor = (cut: Cut): readonly Way[] => {
  if (hasFattySkin(cut)) return FATTY;
  if (cut.skin) return SKIN;
  return cut.species === 'scallop' ? SMALL : PLAIN;
};
