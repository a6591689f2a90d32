import { USUAL_PAN_USED } from '@crustan/core/gear';
import { HEAT_MODELS, runStage, solverFor, stageKitchen } from '@crustan/core/heat';
import { ANCHORS, type CalibrationPoint } from './browningAnchors';

/** Area of a scallop on the iron, m2. */
const SCALLOP_AREA = 0.00126;

/** Course of a face, step by step: s, C, and the share of its outer water that is gone. */
export interface FaceHistory {
  readonly seconds: readonly number[];
  readonly celsius: readonly number[];
  readonly dryness: readonly number[];
  /** Browning rate of its coating, relative to bare meat. */
  readonly browns: number;
}

/** Cooks an anchor in the kitchen model and keeps its face's history. */
export const historyOf = ({ piece, stages, side, knob = 'up' }: CalibrationPoint): FaceHistory => {
  const solver = solverFor(piece, { model: HEAT_MODELS.kitchen, columns: 8 });
  const area = piece.tissue === 'scallop' ? SCALLOP_AREA : USUAL_PAN_USED.area;
  const kitchen = stageKitchen(solver, stages, { ...USUAL_PAN_USED, knob, area });
  const seconds: number[] = [];
  const celsius: number[] = [];
  const dryness: number[] = [];
  const { middle } = solver.section;
  for (const stage of stages) {
    let last = 0;
    runStage(
      solver,
      stage,
      (t) => {
        seconds.push(t - last);
        celsius.push(solver.crusts.outerTemperature(middle, side));
        dryness.push(solver.crusts.outerDryness(middle, side));
        last = t;
        return false;
      },
      kitchen,
    );
  }
  const outer = middle * solver.rows + (side === 0 ? 0 : solver.rows - 1);
  return { seconds, celsius, dryness, browns: solver.matter.browns[outer] ?? 1 };
};

/** A browning law that asks for heat and dryness together. */
export interface BrowningLaw {
  readonly rate: number;
  readonly tenfold: number;
  readonly onsetFrom: number;
  readonly onsetTo: number;
}

/** Browning index of a history by a law: `heat/solver/browning` without its solver. */
export const indexOf = (
  { seconds, celsius, dryness, browns }: FaceHistory,
  { rate, tenfold, onsetFrom, onsetTo }: BrowningLaw,
): number => {
  let integral = 0;
  seconds.forEach((dt, i) => {
    const t = celsius[i] ?? 0;
    const x = Math.min(1, Math.max(0, (t - onsetFrom) / (onsetTo - onsetFrom)));
    const onset = x * x * (3 - 2 * x);
    integral += dt * rate * browns * onset * (dryness[i] ?? 0) * 10 ** ((t - 150) / tenfold);
  });
  return Math.log10(1 + integral);
};

/** Misfit of a law over the anchors that were not held aside: outside their ranges, squared, and a little for being off their middles. */
export const misfit = (histories: readonly FaceHistory[], law: BrowningLaw): number =>
  ANCHORS.reduce((sum, { least, most, aside }, i) => {
    const history = histories[i];
    if (aside || !history) return sum;
    const index = indexOf(history, law);
    const out = Math.max(0, least - index, index - most);
    const off = least > 0 ? index - (least + most) / 2 : 0;
    return sum + out * out + 0.01 * off * off;
  }, 0);

/** Tenfold steps, K, and onsets, C, that are tried, and the rates: by steps of 3 % between the two. */
const TENFOLDS = [28, 32, 36, 40, 45, 50, 60] as const;
const ONSETS = [
  [90, 100],
  [95, 103],
  [95, 110],
  [100, 120],
] as const;
const RATES = [0.2, 8] as const;
const RATE_STEP = 1.03;

export interface FittedBrowning {
  readonly law: BrowningLaw;
  readonly misfit: number;
}

/** Best law for every tenfold step, by the points that are not held out; the best law first. */
export const fitBrowning = (histories: readonly FaceHistory[]): readonly FittedBrowning[] =>
  TENFOLDS.map((tenfold) => {
    let best: FittedBrowning | undefined;
    for (const [onsetFrom, onsetTo] of ONSETS) {
      for (let rate: number = RATES[0]; rate < RATES[1]; rate *= RATE_STEP) {
        const law = { rate, tenfold, onsetFrom, onsetTo };
        const found = { law, misfit: misfit(histories, law) };
        if (best === undefined || found.misfit < best.misfit) best = found;
      }
    }
    return best;
  })
    .filter((found) => found !== undefined)
    .toSorted((a, b) => a.misfit - b.misfit);
