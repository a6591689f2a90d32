import { TRAITS } from './traits';

/**
 * Use of a learned trait in plans: yes; unproved until past cooks are predicted better with it; or beyond the range of
 * kitchens, in which case something else is wrong.
 */
export const TRAIT_USES = ['yes', 'unproved', 'beyond'] as const;
export type TraitUse = (typeof TRAIT_USES)[number];

/** Distance from nominal beyond which a figure is outside the range of kitchens, prior standard deviations. */
export const BEYOND_SPREADS = 3;
/** Share by which a further trait must lower the squared errors of cooks that were left out. */
const LEAST_GAIN = 0.15;

/** The end of one past cook, predicted without what it taught itself. */
export interface LeftOutCook {
  /** Model less measured where nothing was learned, K. */
  readonly nominalError: number;
  /** Effect of each trait on that error, learned from the other cooks, K. */
  readonly adds: ArrayLike<number>;
}

const errorWith = ({ nominalError, adds }: LeftOutCook, used: ReadonlySet<number>): number =>
  [...used].reduce((sum, j) => sum + adds[j], nominalError);

const squares = (cooks: readonly LeftOutCook[], used: ReadonlySet<number>): number =>
  cooks.reduce((sum, cook) => sum + errorWith(cook, used) ** 2, 0);

/**
 * The traits with which cooks that were left out are predicted best: one after another is added, the most useful first,
 * as long as it helps. Two are tried at once too, for those that are only of use together.
 * @param allowed positions in `TRAITS` that may be used
 */
export const provedTraits = (
  cooks: readonly LeftOutCook[],
  allowed: readonly number[] = TRAITS.map((_, j) => j),
): ReadonlySet<number> => {
  let used: ReadonlySet<number> = new Set();
  let least = squares(cooks, used);
  for (;;) {
    const more = allowed.filter((j) => !used.has(j));
    const sets = more.flatMap((a) =>
      more.filter((b) => b >= a).map((b) => new Set([...used, a, b])),
    );
    const [best] = sets
      .map((set) => ({
        set,
        left: squares(cooks, set) * (1 + LEAST_GAIN) ** (set.size - used.size),
      }))
      .toSorted((a, b) => a.left - b.left);
    if (best === undefined || best.left >= least) return used;
    used = best.set;
    least = squares(cooks, used);
  }
};
