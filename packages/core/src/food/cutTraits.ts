import type { GameOrigin } from './meatSafety';
import type { Species } from './species';
import type { TissueName } from './tissues';

/** Properties of a cut in the cut list, as defaults. */
export interface CutTraits {
  readonly name: string;
  readonly species: Species;
  readonly tissue: TissueName;
  /** Length over width of the footprint; 1 is round. */
  readonly aspect: number;
  /** Typical thickness, m. */
  readonly thickness: number;
  /** Typical weight, kg. */
  readonly weight: number;
  /** Default end temperature, C. */
  readonly target: number;
  /** Instruction for slicing. */
  readonly slicing: string;
  /** Skin and the fat under it, on the face that goes down first, m. */
  readonly skin?: { readonly tissue: TissueName; readonly thickness: number } | undefined;
  /** Default pan temperature, C, if it differs from the general default. */
  readonly pan?: number | undefined;
  /** A cap of fat along one edge, m across. */
  readonly fatEdge?: number | undefined;
  /** A bone along one edge, m across. */
  readonly bone?: number | undefined;
  /** A second, smaller muscle beyond that bone, m across. */
  readonly smaller?: { readonly name: string; readonly width: number } | undefined;
  /** Ribs under it, on the face that goes down first, m. */
  readonly ribs?: number | undefined;
  /** A piece for several, cooked in one: it comes up in a low oven and is browned afterwards. */
  readonly whole?: true | undefined;
  /** Rolled and tied, or round by nature: it lies on its side, and its thickness is its diameter. */
  readonly rolled?: true | undefined;
  /** Boned, rolled and tied: what was its outside lies inside. */
  readonly tied?: true | undefined;
  /** Origin of game; undefined: not game. */
  readonly game?: GameOrigin | undefined;
}

/** A cut of the larder. */
export interface LarderCut extends CutTraits {
  /** Everyday names in a cook's sentence, separated by commas. The longest name that fits is taken. */
  readonly words: string;
}
