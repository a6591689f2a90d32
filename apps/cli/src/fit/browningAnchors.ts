import { USUAL_PAN_USED } from '@crustan/core/gear';
import {
  HEAT_MODELS,
  runStage,
  solverFor,
  stageKitchen,
  type Piece,
  type Side,
  type Stage,
} from '@crustan/core/heat';

/** What cooks report of a face after a treatment, as the range of browning index it stands for. */
export interface Anchor {
  readonly name: string;
  readonly piece: Piece;
  readonly stages: readonly Stage[];
  /** The face that is judged: 0 went down first. */
  readonly side: Side;
  readonly least: number;
  readonly most: number;
  /** Held aside while the law is fitted. */
  readonly aside?: true;
}

const STEAK: Piece = { tissue: 'lean-beef', thickness: 0.03, start: 5 };
/** Water that patting leaves, and a wet face's, kg/m2. */
const DAMP = 0.05;
const WET = 0.2;

const sear = (pan: number, seconds: number, thenFlip = true): Stage => ({
  kind: 'sear',
  pan,
  seconds,
  thenFlip,
});
const turned = (pan: number, minutes: number): Stage => ({
  kind: 'turns',
  pan,
  every: 30,
  count: 2 * minutes,
});
const LOW_OVEN: Stage = { kind: 'oven', air: 110, h: 12, seconds: 3300 };

/** Crusts by the words of `doneness/crustColour`: golden from 0.9, deep brown 1.35, dark 1.85, burnt 2.7. */
const PALE = { least: 0, most: 0.9 };
const GOLDEN = { least: 0.9, most: 1.35 };
const DEEP = { least: 1.35, most: 1.85 };
const GOLDEN_TO_DEEP = { least: 0.9, most: 1.85 };
const DEEP_TO_DARK = { least: 1.35, most: 2.7 };
const BURNT_IS_NEAR = { least: 2.2, most: 2.9 };

/** Anchors from practice; about one in three is held aside. */
export const ANCHORS: readonly Anchor[] = [
  {
    name: 'damp face, 2 min at 230 C',
    piece: { ...STEAK, film: DAMP },
    stages: [sear(230, 120)],
    side: 0,
    ...GOLDEN,
  },
  {
    name: 'damp face, 3 min at 230 C',
    piece: { ...STEAK, film: DAMP },
    stages: [sear(230, 180)],
    side: 0,
    ...DEEP,
    aside: true,
  },
  {
    name: 'out of the low oven, before the pan',
    piece: { ...STEAK, thickness: 0.04 },
    stages: [LOW_OVEN],
    side: 0,
    least: 0,
    most: 0.4,
  },
  {
    name: 'low oven first, then 50 s at 245 C',
    piece: { ...STEAK, thickness: 0.04 },
    stages: [LOW_OVEN, sear(245, 50)],
    side: 0,
    ...GOLDEN_TO_DEEP,
  },
  {
    name: 'turned every 30 s, 6 min at 215 C',
    piece: { ...STEAK, thickness: 0.025 },
    stages: [turned(215, 6)],
    side: 0,
    ...GOLDEN_TO_DEEP,
  },
  {
    name: 'turned every 30 s, 8 min at 230 C',
    piece: STEAK,
    stages: [turned(230, 8)],
    side: 0,
    ...GOLDEN_TO_DEEP,
    aside: true,
  },
  {
    name: '4 + 4 min at 230 C, first face',
    piece: STEAK,
    stages: [sear(230, 240), sear(230, 240)],
    side: 0,
    ...DEEP_TO_DARK,
  },
  {
    name: 'wet face, 1 min at 180 C',
    piece: { ...STEAK, film: WET },
    stages: [sear(180, 60)],
    side: 0,
    ...PALE,
  },
  {
    name: 'poached, half an hour at 100 C',
    piece: { ...STEAK, film: WET },
    stages: [{ kind: 'oven', air: 100, h: 60, vapour: 90_000, seconds: 1800 }],
    side: 0,
    ...PALE,
    aside: true,
  },
  {
    name: 'duck skin from cold, 13.5 min',
    piece: {
      tissue: 'duck',
      thickness: 0.022,
      start: 5,
      layers: [{ tissue: 'duck-skin', thickness: 0.005 }],
    },
    stages: [sear(120, 180, false), sear(160, 630)],
    side: 0,
    ...GOLDEN_TO_DEEP,
  },
  {
    name: 'scallop, 105 s at 230 C',
    piece: {
      tissue: 'scallop',
      thickness: 0.03,
      start: 5,
      shape: { kind: 'round', radius: 0.02 },
    },
    stages: [sear(230, 105)],
    side: 0,
    ...GOLDEN,
    aside: true,
  },
  {
    name: '7 + 7 min at 215 C, first face',
    piece: STEAK,
    stages: [sear(215, 420), sear(215, 420)],
    side: 0,
    least: 1.6,
    most: 2.4,
  },
  {
    name: '40 mm turned every 30 s, 19 min at 215 C',
    piece: { ...STEAK, thickness: 0.04 },
    stages: [turned(215, 19)],
    side: 0,
    least: 1.5,
    most: 2.3,
  },
  {
    name: '280 C, 4 min a side',
    piece: STEAK,
    stages: [sear(280, 240), sear(280, 240)],
    side: 0,
    ...BURNT_IS_NEAR,
  },
];

/** Area of a scallop on the iron, m2. */
const SCALLOP_AREA = 0.00126;

/** What a face has been through, step by step: s, C, and the share of its outer water that is gone. */
export interface FaceHistory {
  readonly seconds: readonly number[];
  readonly celsius: readonly number[];
  readonly dryness: readonly number[];
  /** Rate of what it is made of, of bare meat's. */
  readonly browns: number;
}

/** Cooks an anchor in the kitchen model and keeps its face's history. */
export const historyOf = ({ piece, stages, side }: Anchor): FaceHistory => {
  const solver = solverFor(piece, { model: HEAT_MODELS.kitchen, columns: 8 });
  const area = piece.tissue === 'scallop' ? SCALLOP_AREA : USUAL_PAN_USED.area;
  const kitchen = stageKitchen(solver, stages, { ...USUAL_PAN_USED, area });
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

/** Browning index of a history by a law: `heat/browning` without its solver. */
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

/** The rate that fits best for a law's tenfold step and onset, by trying: what `DRY_BROWNING` was set from. */
export const fitRate = (
  histories: readonly FaceHistory[],
  law: Omit<BrowningLaw, 'rate'>,
): { readonly rate: number; readonly misfit: number } => {
  let best = { rate: NaN, misfit: Infinity };
  for (let rate = 0.2; rate < 8; rate *= 1.03) {
    const found = misfit(histories, { ...law, rate });
    if (found < best.misfit) best = { rate, misfit: found };
  }
  return best;
};
