import { NOMINAL_KITCHEN, type KitchenDeviation } from '../gear';
import { SEARCH_COLUMNS } from '../heat';
import { PROBE_DEPTHS, tracedRun, type TracedRun, type RunInput } from './tracedRun';

/** The difference of the section from one dimension along a cook. */
export interface SectionCorrection {
  /** Adds the section's difference to a run whose deciding leg ends at `pull`, s. */
  readonly onto: (run: TracedRun, moments: readonly number[], pull: number) => TracedRun;
  /** Reading along the bone minus the middle, K; undefined without a bone. */
  readonly alongBone: (moments: readonly number[], pull: number) => Float64Array | undefined;
}

/** Points along the cook at which section and slab are compared. */
const POINTS = 90;
/** Range in which they are compared, multiple of the pull time. */
const BEYOND = 1.5;

/**
 * 2-D minus 1-D temperature through the planned cook, against the time as a share of the pull's time: a cook that takes
 * longer has the same difference later.
 * @param pull s from the first heat to the end of the deciding leg, as planned
 */
export const sectionCorrection = (
  input: Omit<RunInput, 'moments' | 'columns'>,
  pull: number,
  kitchen: KitchenDeviation = NOMINAL_KITCHEN,
): SectionCorrection => {
  const moments = Array.from({ length: POINTS }, (_, i) => (i * BEYOND * pull) / (POINTS - 1));
  const flat = tracedRun({ ...input, moments }, kitchen);
  const section = tracedRun(
    { ...input, moments, lateralAreaRatio: undefined, columns: SEARCH_COLUMNS },
    kitchen,
  );
  const over = section.seen.map((celsius, i) => celsius - flat.seen[i]);
  const bone =
    section.alongBone.length > 0
      ? section.alongBone.map((celsius, i) => celsius - section.seen[i])
      : undefined;
  /** The moment of the compared cook that stands for a moment of one whose deciding leg ends at `ends`. */
  const momentOf = (seconds: number, ends: number): number =>
    seconds <= ends ? Math.min(seconds, pull) : pull + seconds - ends;
  const between = (values: ArrayLike<number>, from: number, moment: number): number => {
    const at = Math.min(POINTS - 1.001, Math.max(0, (moment / pull / BEYOND) * (POINTS - 1)));
    const below = Math.floor(at);
    const low = values[from + below];
    return low + (values[from + below + 1] - low) * (at - below);
  };
  return {
    onto: ({ seen, end, grey, loss }, at, ends) => {
      const n = at.length;
      const corrected = seen.slice();
      for (let k = 0; k < PROBE_DEPTHS.length; k += 1) {
        for (let i = 0; i < n; i += 1) {
          corrected[k * n + i] += between(over, k * POINTS, momentOf(at[i], ends));
        }
      }
      return {
        seen: corrected,
        alongBone: section.alongBone,
        end: {
          ...end,
          pullCore: end.pullCore + section.end.pullCore - flat.end.pullCore,
          reached: end.reached + section.end.reached - flat.end.reached,
          peak: end.peak + section.end.peak - flat.end.peak,
        },
        // The mid-line of a section is grey as deep as the slab within the error of a line on a photograph.
        grey,
        loss: loss + section.loss - flat.loss,
      };
    },
    alongBone: (at, ends) =>
      bone && Float64Array.from(at, (seconds) => between(bone, 0, momentOf(seconds, ends))),
  };
};
