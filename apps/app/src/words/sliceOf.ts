import { crustShade } from '@crustan/core/doneness';
import { boneIn, footprint } from '@crustan/core/food';
import type { CookPlan, SliceFrame, Slices } from '@crustan/core/plan';
import { cutOf, thicknessOf } from '@crustan/core/plan/request';
import type { SliceFigures } from '../ui/sliceFigures';
import type { ProbePlace } from '../ui/Stem';

/** Position of the thermometer in a whole piece: the middle of its meat, without ribs and fat. */
export const probeIn = (request: CookPlan['request']): ProbePlace | undefined => {
  const { whole, ribs = 0, skin } = cutOf(request);
  if (!whole) return undefined;
  const layers = (ribs + (skin?.thickness ?? 0)) / thicknessOf(request);
  // Ribs are drawn on top, as it is served; no stem goes through them.
  const from = request.stem === 'top' && ribs > 0 ? 'bottom' : request.stem;
  return { from, depth: layers + (1 - layers) / 2 };
};

/** The slice of a plan at a frame, or at the end. Crust grows with its browning. */
export const sliceOf = (
  plan: Pick<CookPlan, 'request' | 'browning' | 'crust'>,
  { cells, frames }: Slices,
  frame?: SliceFrame,
): SliceFigures => {
  const cut = cutOf(plan.request);
  const shown = frame ?? frames.at(-1);
  const [first, other] = shown?.browning ?? plan.browning;
  const { width } = footprint(cut, plan.request.weight, thicknessOf(plan.request));
  const shade = (index: number): number => crustShade(index, plan.request);
  return {
    species: cut.species,
    cells,
    peak: shown?.peak ?? [],
    browning: [shade(first), shade(other)],
    crust: plan.crust,
    width,
    skin: cut.skin?.thickness,
    bone: cells.whole && cells.widths.length > 1 ? boneIn(cut, width) : undefined,
    ribs: cut.ribs,
  };
};
