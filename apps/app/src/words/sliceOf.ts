import { crustShade } from '@crustan/core/doneness';
import { footprint } from '@crustan/core/food';
import type { CookPlan, SliceFrame, Slices } from '@crustan/core/plan';
import { cutOf, thicknessOf } from '@crustan/core/plan/request';
import type { SliceFigures } from '../ui/paintSlice';

/** The slice of a plan at a frame, or at the end. Crust grows with its browning. */
export const sliceOf = (
  plan: Pick<CookPlan, 'request' | 'browning' | 'crust'>,
  { cells, frames }: Slices,
  frame?: SliceFrame,
): SliceFigures => {
  const cut = cutOf(plan.request);
  const shown = frame ?? frames.at(-1);
  const [first, other] = shown?.browning ?? plan.browning;
  const shade = (index: number): number => crustShade(index, plan.request);
  return {
    species: cut.species,
    cells,
    peak: shown?.peak ?? [],
    browning: [shade(first), shade(other)],
    crust: plan.crust,
    width: footprint(cut, plan.request.weight, thicknessOf(plan.request)).width,
    skin: cut.skin?.thickness,
    bone: cells.whole && cells.widths.length > 1 ? cut.bone : undefined,
  };
};
