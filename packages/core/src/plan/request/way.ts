import type { Cut } from '../../food';

export const WAYS = [
  'once',
  'often',
  'skin-down',
  'cold-pan',
  'sear-oven',
  'oven-sear',
  'sear-oven-sear',
  'oven-blast',
] as const;
/**
 * A way through the cook: in the pan turned once or often, skin down nearly all the way, skin down
 * from a cold pan, sear then oven, oven then sear, a sear before and after a low oven, or a low oven
 * and at the end a very hot one.
 */
export type Way = (typeof WAYS)[number];

/** Properties of a method for the rest of the core and the interface; its legs are in `WAY_LEGS`. */
export interface WayTraits {
  /** The oven it goes through: the low one, in which it comes up, or the hot one that finishes it. */
  readonly oven?: 'low' | 'hot';
  /** Pieces that go into a cold pan. */
  readonly coldPan?: 'always' | 'fatty-skin';
  /** The piece lies on its skin nearly all the way. */
  readonly onSkin?: true;
  /** It never meets a pan. */
  readonly noPan?: true;
  /** Turning of a piece that stays in the pan. */
  readonly turned?: 'once' | 'often';
}

export const WAY_TRAITS: Readonly<Record<Way, WayTraits>> = {
  once: { turned: 'once' },
  often: { turned: 'often' },
  'skin-down': { onSkin: true },
  'cold-pan': { coldPan: 'always', onSkin: true },
  'sear-oven': { oven: 'hot', coldPan: 'fatty-skin' },
  'oven-sear': { oven: 'low' },
  'sear-oven-sear': { oven: 'low' },
  'oven-blast': { oven: 'low', noPan: true },
};

export const usesOven = (way: Way): boolean => WAY_TRAITS[way].oven !== undefined;
export const usesLowOven = (way: Way): boolean => WAY_TRAITS[way].oven === 'low';

/** Skin with a layer of fat to render under it is thicker than this, m; fish skin is thinner. */
const FATTY_SKIN = 0.003;

export const hasFattySkin = ({ skin }: Pick<Cut, 'skin'>): boolean =>
  skin !== undefined && skin.thickness >= FATTY_SKIN;

/** Form of a piece, which decides the methods offered for it. */
export const PIECE_FORMS = ['plain', 'fatty-skin', 'thin-skin', 'small', 'whole'] as const;
export type PieceForm = (typeof PIECE_FORMS)[number];

/** The ways offered for each form of piece, in the order they are shown. */
export const WAYS_BY_FORM: Readonly<Record<PieceForm, readonly Way[]>> = {
  plain: ['once', 'often', 'sear-oven', 'oven-sear', 'sear-oven-sear'],
  'fatty-skin': ['cold-pan', 'sear-oven', 'once'],
  'thin-skin': ['skin-down', 'sear-oven', 'once'],
  small: ['once', 'often'],
  whole: ['oven-sear', 'oven-blast', 'sear-oven-sear'],
};

const formOf = (cut: Cut): PieceForm => {
  if (cut.whole) return 'whole';
  if (hasFattySkin(cut)) return 'fatty-skin';
  if (cut.skin) return 'thin-skin';
  return cut.species === 'scallop' ? 'small' : 'plain';
};

/** The ways that apply to a piece, in the order they are shown. */
export const waysFor = (cut: Cut): readonly Way[] => WAYS_BY_FORM[formOf(cut)];
