import { THERMOMETER_SPREAD, TOTAL_SPREAD } from '../gear';
import { KITCHEN_AIR } from '../heat/places/kitchenAir';
import type { Observation } from '../maths/robustLeastSquares';
import type { PlanRequest } from '../plan/request/request';
import { briefErrors } from './briefError';
import { addDiscrepancy } from './discrepancy';
import { DISCREPANCY_AT, FITTED_PARAMETERS, FITTED, THERMOMETER_AT } from './estimated';
import { PROBE_DEPTHS, type TracedRun } from './tracedRun';

/** Position of a probe. */
export type ProbeKind = 'middle' | 'off' | 'surface' | 'bone' | 'out';

/** A position the probe may be in, with the readings as the model has them there. */
export interface ProbePosition {
  readonly kind: ProbeKind;
  /** Probability before any reading. */
  readonly prior: number;
  readonly observations: readonly Observation[];
}

/** A probe as far as this off the centre is as good as a cook can place one, m. */
export const WELL_PLACED = 0.006;
/** Within this of the surface of a piece that thick or more, a reading misleads, m. */
const NEAR_SURFACE = 0.006;
const THICK_ENOUGH = 0.03;

/** Prior probability of each position of a probe. Estimate: most cooks place the tip within 6 mm of the middle. */
const PRIOR = { middle: 0.86, off: 0.05, surface: 0.05, bone: 0.02, out: 0.02 } as const;
/** Standard deviation of a reading about the model with its own error, K. Estimate. */
const SIGMA_IN_MEAT = 0.45;
const SIGMA_ALONG_BONE = 1.5 * SIGMA_IN_MEAT;
const SIGMA_IN_AIR = 9;

/** The model's runs at the readings' moments. */
interface Runs {
  readonly base: TracedRun;
  /** With each estimated deviation moved by `step` spreads. */
  readonly moved: readonly TracedRun[];
  readonly step: number;
}

interface Situation {
  readonly request: PlanRequest;
  /** C. */
  readonly readings: readonly number[];
  /** The moment of each as a share of the time to the pull. */
  readonly shares: readonly number[];
  /** Temperature along the bone over that of the middle at each reading, K; absent without a bone. */
  readonly alongBone?: Float64Array | undefined;
  /** Air round the piece at each reading, as set, C; undefined outside the oven. */
  readonly ovenAir: readonly (number | undefined)[];
}

const kindAt = (depth: number, thickness: number): ProbeKind => {
  const off = (Math.abs(depth) * thickness) / 2;
  if (thickness >= THICK_ENOUGH && thickness / 2 - off <= NEAR_SURFACE) return 'surface';
  return off <= WELL_PLACED ? 'middle' : 'off';
};

const emptySlopes = (): Float64Array => {
  const slopes = new Float64Array(FITTED);
  slopes[THERMOMETER_AT] = THERMOMETER_SPREAD;
  return slopes;
};

/** Every position the probe may be in. */
export const probePositions = (
  { base, moved, step }: Runs,
  { request, readings, shares, alongBone, ovenAir }: Situation,
): readonly ProbePosition[] => {
  const count = readings.length;
  const brief = briefErrors(request, shares);
  const inMeat = (depth: number, over: ArrayLike<number> | undefined, sigma: number) =>
    readings.map((measured, i): Observation => {
      const at = depth * count + i;
      const slopes = emptySlopes();
      moved.forEach((run, j) => {
        slopes[j] = (run.seen[at] - base.seen[at]) / step;
      });
      addDiscrepancy(slopes, DISCREPANCY_AT, request, shares[i], base.seen[at]);
      return {
        ...{ measured, predicted: base.seen[at] + (over?.[i] ?? 0), slopes },
        sigma: Math.hypot(sigma, brief[i]),
      };
    });
  const inAir = (air: (i: number) => number | undefined) =>
    readings.map((measured, i): Observation => {
      const set = air(i);
      const slopes = emptySlopes();
      slopes[FITTED_PARAMETERS.indexOf('oven')] = set === undefined ? 0 : TOTAL_SPREAD.oven;
      return { measured, predicted: set ?? KITCHEN_AIR, slopes, sigma: SIGMA_IN_AIR };
    });
  const kinds = PROBE_DEPTHS.map((depth) => kindAt(depth, request.thickness));
  const share = (kind: ProbeKind): number => kinds.filter((other) => other === kind).length;
  return [
    ...kinds.map((kind, depth): ProbePosition => ({
      kind,
      prior: PRIOR[kind] / share(kind),
      observations: inMeat(depth, undefined, SIGMA_IN_MEAT),
    })),
    ...(alongBone
      ? [
          {
            kind: 'bone' as const,
            prior: PRIOR.bone,
            observations: inMeat(0, alongBone, SIGMA_ALONG_BONE),
          },
        ]
      : []),
    { kind: 'out', prior: PRIOR.out / 2, observations: inAir((i) => ovenAir[i]) },
    { kind: 'out', prior: PRIOR.out / 2, observations: inAir(() => undefined) },
  ];
};
