import { KITCHEN_AIR } from '../heat/kitchenAir';
import { DEPTHS, type GuessedRun } from './guessedRun';
import { GUESSED } from './kitchenGuess';
import type { Hypothesis } from './fitReadings';

/** How a probe lies. */
export type ProbeKind = 'middle' | 'off' | 'surface' | 'bone' | 'out';

/** A hypothesis and the place it stands for. */
export interface Placed extends Hypothesis {
  readonly kind: ProbeKind;
}

/** A probe as far as this off the centre is as good as a cook can place one, m. */
export const WELL_PLACED = 0.006;
/** Within this of the surface of a piece that thick or more, a reading misleads, m. */
const NEAR_SURFACE = 0.006;
const THICK_ENOUGH = 0.03;

/** How often probes lie so, by our estimate: most cooks hit the middle to 6 mm. */
const PRIOR = { middle: 0.86, off: 0.05, surface: 0.05, bone: 0.02, out: 0.02 } as const;
/** What a reading differs by from the model, noise and model together, K; in air, K. */
const IN_MEAT = 0.45;
const IN_AIR = 9;

interface Runs {
  readonly base: GuessedRun;
  /** With each parameter moved by `step`. */
  readonly moved: readonly GuessedRun[];
  readonly step: number;
}

interface Where {
  /** m, as guessed. */
  readonly thickness: number;
  readonly count: number;
  /** What meat along a bone reads over the middle at each reading, K; absent without a bone. */
  readonly alongBone?: Float64Array | undefined;
  /** Air round the piece at each reading, as told, C; and how it moves with the oven's error, K. */
  readonly air: Float64Array;
  readonly airSlope: Float64Array;
}

const kindAt = (depth: number, thickness: number): ProbeKind => {
  const off = (Math.abs(depth) * thickness) / 2;
  if (thickness >= THICK_ENOUGH && thickness / 2 - off <= NEAR_SURFACE) return 'surface';
  return off <= WELL_PLACED ? 'middle' : 'off';
};

/** Slopes against each parameter at one depth, K per usual error. */
const slopesAt = ({ base, moved, step }: Runs, depth: number, count: number): Float64Array => {
  const slopes = new Float64Array(GUESSED.length * count);
  const from = depth * count;
  moved.forEach((run, j) => {
    for (let i = 0; i < count; i += 1) {
      slopes[j * count + i] = (run.seen[from + i] - base.seen[from + i]) / step;
    }
  });
  return slopes;
};

/** Every place a probe may lie, with what it would read there. */
export const probeHypotheses = (runs: Runs, where: Where): readonly Placed[] => {
  const { thickness, count, alongBone, air, airSlope } = where;
  const kinds = DEPTHS.map((depth) => kindAt(depth, thickness));
  const placed = DEPTHS.map((_, k): Placed => {
    const kind = kinds[k];
    return {
      kind,
      prior: PRIOR[kind] / kinds.filter((other) => other === kind).length,
      predicted: runs.base.seen.slice(k * count, (k + 1) * count),
      slopes: slopesAt(runs, k, count),
      deviation: IN_MEAT,
    };
  });
  const middle = placed[0];
  if (alongBone) {
    placed.push({
      ...middle,
      kind: 'bone',
      prior: PRIOR.bone,
      predicted: middle.predicted.map((celsius, i) => celsius + alongBone[i]),
      deviation: 1.5 * IN_MEAT,
    });
  }
  const out = new Float64Array(GUESSED.length * count);
  out.set(airSlope);
  for (const [predicted, slopes] of [
    [air, out],
    [air.map(() => KITCHEN_AIR), new Float64Array(GUESSED.length * count)],
  ] as const) {
    placed.push({ kind: 'out', prior: PRIOR.out / 2, predicted, slopes, deviation: IN_AIR });
  }
  return placed;
};
