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
  /** How it is sliced, in kitchen words. */
  readonly slicing: string;
  /** Skin and the fat under it, on the face that goes down first, m. */
  readonly skin?: { readonly tissue: TissueName; readonly thickness: number } | undefined;
  /** Pan it is usually cooked in, C, where that is not the usual sear. */
  readonly pan?: number | undefined;
  /** A cap of fat along one edge, m across. */
  readonly fatEdge?: number | undefined;
  /** A bone along one edge, m across. */
  readonly bone?: number | undefined;
}
