import { NOMINAL_KITCHEN, type KitchenDeviation, type PanOnBurner } from '../gear';
import { drippedShare, greyRange, lossOf, type GreyRange, type PieceSolver } from '../heat';
import type { PlanRequest } from '../plan/request/request';
import type { CookEnd } from '../plan/legs/cookEnd';
import type { TimedLeg } from '../plan/legs/timedLeg';
import { MethodSimulator } from '../plan/legs/methodSimulator';
import { boneColumn } from '../heat/judging/boneColumn';

/**
 * Possible depths of a probe: from the middle towards the face that went down first (above 0) or the other, shares of
 * half the thickness. The middle comes first.
 */
export const PROBE_DEPTHS: readonly number[] = [
  0,
  ...Array.from({ length: 10 }, (_, k) => [(k + 1) / 10, -(k + 1) / 10]).flat(),
];

/** Temperatures along a simulated cook where a probe may lie, and its end, with the figures of the finished piece. */
export interface TracedRun {
  /** Core temperature each depth has at each asked moment: depth x moments + moment, C. */
  readonly seen: Float64Array;
  /** Temperature along the bone at each moment, if a section with a bone was simulated, C. */
  readonly alongBone: Float64Array;
  readonly end: CookEnd;
  readonly grey: GreyRange;
  /** Share of the first mass that is gone at the peak. */
  readonly loss: number;
}

export interface RunInput {
  readonly request: PlanRequest;
  readonly legs: readonly TimedLeg[];
  /** Ascending, s from the first heat. */
  readonly moments: readonly number[];
  readonly pan: PanOnBurner;
  /** Lateral share; absent takes the rule's. */
  readonly lateralAreaRatio?: number | undefined;
  /** Columns of a section; absent runs in one dimension. */
  readonly columns?: number | undefined;
}

/** Temperature at a height in a column of rows, by straight lines between their centres, C. */
const along = (column: Float64Array, centres: Float64Array, z: number): number => {
  let above = 1;
  while (above < column.length - 1 && centres[above] < z) above += 1;
  const below = above - 1;
  const share = (z - centres[below]) / (centres[above] - centres[below]);
  const held = Math.min(1, Math.max(0, share));
  return column[below] + held * (column[above] - column[below]);
};

/** Heights of the rows' centres over the face that went down first, m. */
const centresOf = ({ section: { heights } }: PieceSolver): Float64Array => {
  const centres = new Float64Array(heights.length);
  let passed = 0;
  heights.forEach((height, k) => {
    centres[k] = passed + height / 2;
    passed += height;
  });
  return centres;
};

/** Runs the model through a cook in a kitchen and keeps the temperatures a probe may have read. */
export const tracedRun = (
  { request, legs, moments, pan, lateralAreaRatio, columns }: RunInput,
  deviation: KitchenDeviation = NOMINAL_KITCHEN,
): TracedRun => {
  const cook = new MethodSimulator(request, { deviation, pan, lateralAreaRatio, columns });
  const { solver } = cook;
  const centres = centresOf(solver);
  const n = moments.length;
  const seen = new Float64Array(PROBE_DEPTHS.length * n);
  const bone = boneColumn(solver);
  const alongBone = new Float64Array(bone === undefined ? 0 : n);
  let boneBefore = 0;
  const half = (centres[centres.length - 1] + centres[0]) / 2;
  const { rows, section, temperature } = solver;
  const middle = section.middle * rows;
  const now = new Float64Array(rows);
  const before = new Float64Array(rows);
  let coreBefore = solver.core;
  let nth = 0;
  let last = 0;
  /** Straight lines between the solver's own steps. */
  const see = (t: number): void => {
    if (nth >= n) return;
    before.set(now);
    now.set(temperature.subarray(middle, middle + rows));
    const { core } = solver;
    const boneNow =
      bone === undefined
        ? 0
        : along(temperature.subarray(bone * rows, (bone + 1) * rows), centres, half);
    for (; nth < n && moments[nth] <= t + 1e-9; nth += 1) {
      const share = t > last ? Math.min(1, Math.max(0, (moments[nth] - last) / (t - last))) : 1;
      for (let k = 0; k < PROBE_DEPTHS.length; k += 1) {
        const z = half * (1 - PROBE_DEPTHS[k]);
        const from = k === 0 ? coreBefore : along(before, centres, z);
        const to = k === 0 ? core : along(now, centres, z);
        seen[k * n + nth] = from + share * (to - from);
      }
      if (bone !== undefined) alongBone[nth] = boneBefore + share * (boneNow - boneBefore);
    }
    coreBefore = core;
    boneBefore = boneNow;
    last = t;
  };
  cook.reset();
  coreBefore = solver.core;
  boneBefore = coreBefore;
  now.set(temperature.subarray(middle, middle + rows));
  see(0);
  const end = cook.endOf(legs, see);
  // Readings after the peak: the model stands still there.
  if (nth < n) see(Infinity);
  const loss = lossOf({
    evaporated: solver.evaporatedShare,
    dripped: drippedShare(solver),
  }).central;
  return { seen, alongBone, end, grey: greyRange(solver), loss };
};
