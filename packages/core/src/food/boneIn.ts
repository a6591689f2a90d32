import type { CutTraits } from './cutTraits';

/** A bone along a piece, and the smaller muscle to its right if there is one, m. */
export interface BoneIn {
  readonly width: number;
  readonly beyond: number;
}

/** However narrow a piece is, no more of its width is bone, and smaller muscle. */
const MOST_BONE = 0.3;
const MOST_BEYOND = 0.4;

/** Bone of a piece of this width, m; undefined for a boneless cut. */
export const boneIn = (
  { bone, smaller }: Pick<CutTraits, 'bone' | 'smaller'>,
  width: number,
): BoneIn | undefined =>
  bone === undefined
    ? undefined
    : {
        width: Math.min(bone, MOST_BONE * width),
        beyond: Math.min(smaller?.width ?? 0, MOST_BEYOND * width),
      };
