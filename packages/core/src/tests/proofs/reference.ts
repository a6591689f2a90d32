import { cookOfFile } from '../../formats';
import { simulate, type CookResult, type SimulateOptions } from '../../heat';
import { REFERENCE_CASES } from '../referenceCases';

export interface ReferenceProof {
  readonly name: string;
  readonly theirs: (typeof REFERENCE_CASES)[number];
  readonly ours: CookResult;
}

/** Every reference case through this solver, on the grid as used or another. */
export const referenceProofs = (options?: SimulateOptions): readonly ReferenceProof[] =>
  REFERENCE_CASES.map((theirs) => ({
    name: theirs.name,
    theirs,
    ours: simulate(cookOfFile(theirs.cook), options),
  }));
