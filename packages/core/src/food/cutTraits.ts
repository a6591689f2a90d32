import type { GameOrigin } from './meatSafety';
import type { Species } from './species';
import type { TissueName } from './tissues';

/** A cut as the larder knows it before the cook says more. */
export interface CutTraits {
  readonly name: string;
  readonly species: Species;
  readonly tissue: TissueName;
  /** Length over width of the footprint; 1 is round. */
  readonly aspect: number;
  /** Usual thickness, m. */
  readonly thickness: number;
  /** Usual weight, kg. */
  readonly weight: number;
  /** Usual wanted end temperature, C. */
  readonly target: number;
  /** Instruction for slicing. */
  readonly slicing: string;
  /** Skin and the fat under it, on the face that goes down first, m. */
  readonly skin?: { readonly tissue: TissueName; readonly thickness: number } | undefined;
  /** Pan it is usually cooked in, C, where that is not the usual sear. */
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
  /** Game, and where it usually comes from; absent: no game. */
  readonly game?: GameOrigin | undefined;
}
