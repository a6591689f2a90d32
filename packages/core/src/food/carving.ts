import type { Cut } from './cuts';
import { footprint } from './footprint';
import { tissueProperties } from './properties';
import { TISSUES } from './tissues';

/** Slices of a piece at the table. */
export interface Carving {
  /** Mass to eat: cooked, without bone, kg. */
  readonly served: number;
  readonly each: number;
  /** Thickness of a slice, m, where everybody has one across its length. */
  readonly slice: number;
}

/** Share of a piece's weight that is bone. */
const boneShare = (cut: Cut, weight: number, thickness: number): number => {
  const { bone, ribs } = cut;
  const heavier =
    tissueProperties(TISSUES.bone).density / tissueProperties(TISSUES[cut.tissue]).density;
  const under = (ribs ?? 0) / thickness;
  const along = bone === undefined ? 0 : bone / footprint(cut, weight, thickness).width;
  return Math.min(0.5, heavier * (under + along));
};

/**
 * Carving for a number of people.
 * @param weight raw, kg; `thickness` m
 * @param loss share of its weight that the cook takes
 */
export const carvingOf = (
  cut: Cut,
  { weight, thickness }: { readonly weight: number; readonly thickness: number },
  loss: number,
  people: number,
): Carving => {
  const served = weight * (1 - boneShare(cut, weight, thickness)) * (1 - loss);
  const { length } = footprint(cut, weight, thickness);
  return { served, each: served / people, slice: length / people };
};
