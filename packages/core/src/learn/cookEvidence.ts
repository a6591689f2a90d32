import { DEPTHS } from '../live/guessedRun';
import type { ReadingEvent } from '../live/event';
import { USUAL_ERROR } from '../live/kitchenGuess';
import { WELL_PLACED } from '../live/probeHypotheses';
import {
  cookModel,
  GUN_ERROR,
  MOVES,
  panKnown,
  type CookModel,
  type CookRead,
  type Move,
} from './cookModel';
import { panOver, warmedTo } from './panWarmth';
import { TRAIT_SPREAD, TRAITS, spreadsOf, type KitchenTraits } from './traits';
import { together, weighRows, type Row, type Weighed } from './weighRows';

/** What one cook says of its kitchen's traits, in spreads from the usual, this cook's own scatter taken out. */
export interface CookEvidence {
  readonly mean: Float64Array;
  /** With the usual spread as prior; row by row. */
  readonly covariance: Float64Array;
  /** How it ended: measured, as the model had it at the point, and how that moves with each trait. */
  readonly check: EndCheck | undefined;
}

export interface EndCheck {
  /** The core's end as judged, or its last reading: C, s from the first heat where it was a reading. */
  readonly measured: number;
  readonly predicted: number;
  /** K per spread of each trait. */
  readonly slopes: Float64Array;
}

/**
 * What differs from cook to cook in one kitchen, one deviation: the fridge's shelf, where the ruler
 * was laid, how dry and how pressed, what else the oven was doing, how long the pan waited, the
 * thermometer. Our estimates.
 */
const OWN = {
  start: USUAL_ERROR.start,
  thickness: 0.0008,
  contact: 0.07,
  oven: 2.5,
  pan: 6,
  thermometer: 0.2,
} as const;
const PARAMETERS = TRAITS.length + Object.keys(OWN).length;

/** What readings differ by from the model, K: a probe left in, one by hand, the end as judged. */
const PROBED = 0.6;
const TYPED = 1;
const JUDGED = 1.1;
/** A thermometer in the oven's air: one look, and no better than this however many, K. */
const AIR_LOOK = 6;
const AIR_LEAST = 3;
/** What a gun sees of a pan coming up differs from the model of it by this, K. */
const WARMING = 12;
/** A probe that never was in the meat, or fell out, may read anything: its chance, K. */
const OUT = { chance: 0.03, deviation: 30 } as const;
const MISPLACED_CHANCE = 0.1;

const unitPrior = (): Float64Array => new Float64Array(PARAMETERS);

/** A figure's slopes against every parameter, from the model's moves. */
const slopesOf = (
  model: CookModel,
  figure: (run: CookModel['base']) => number,
  burnerPan: number,
): Float64Array => {
  const slopes = unitPrior();
  const per = (move: Move): number => {
    const run = model.moved[move];
    return run === undefined ? 0 : (figure(run) - figure(model.base)) / MOVES[move];
  };
  const [oven, pan, contact, thickness] = [
    per('oven'),
    per('pan'),
    per('contact'),
    per('thickness'),
  ];
  slopes[0] = oven * TRAIT_SPREAD.oven;
  slopes[1] = pan * burnerPan;
  slopes[2] = contact * TRAIT_SPREAD.contact;
  slopes[3] = thickness * TRAIT_SPREAD.thickness;
  slopes[4] = per('start') * OWN.start;
  slopes[5] = thickness * OWN.thickness;
  slopes[6] = contact * OWN.contact;
  slopes[7] = oven * OWN.oven;
  slopes[8] = pan * OWN.pan;
  return slopes;
};

/** Depths a probe may lie at, with their chances. */
const placesOf = (thickness: number): readonly { depth: number; prior: number }[] => {
  const well = DEPTHS.map((depth) => (Math.abs(depth) * thickness) / 2 <= WELL_PLACED);
  const good = well.filter(Boolean).length;
  return DEPTHS.map((_, depth) => ({
    depth,
    prior: well[depth] ? (1 - MISPLACED_CHANCE) / good : MISPLACED_CHANCE / (DEPTHS.length - good),
  }));
};

const indexOf = (read: CookRead, { at }: ReadingEvent): number =>
  read.moments.indexOf((at - read.inAt) / 1000);

/** What was measured of the gear itself. */
const gearRows = (read: CookRead, traits: KitchenTraits, burnerPan: number): readonly Row[] => {
  const { gear, plan } = read.cook;
  const rows: Row[] = [];
  if (read.air) {
    const slopes = unitPrior();
    slopes[0] = TRAIT_SPREAD.oven;
    slopes[7] = OWN.oven;
    rows.push({
      measured: read.air.over,
      predicted: traits.oven - gear.oven.offset,
      slopes,
      deviation: Math.max(AIR_LEAST, AIR_LOOK / Math.sqrt(read.air.count)),
    });
  }
  if (read.byClock && read.panSeen) {
    const slopes = unitPrior();
    slopes[1] = burnerPan;
    slopes[8] = OWN.pan;
    rows.push({
      measured: read.panSeen.over,
      predicted: panOver(gear, plan.request.pan, traits.burner),
      slopes,
      deviation: GUN_ERROR / Math.sqrt(read.panSeen.count),
    });
  }
  for (const { seconds, celsius } of read.warming) {
    const slopes = unitPrior();
    const predicted = warmedTo(gear, seconds, traits.burner);
    slopes[1] = (warmedTo(gear, seconds, traits.burner * Math.exp(0.05)) - predicted) / 0.05;
    slopes[1] *= TRAIT_SPREAD.burner;
    const deviation = Math.hypot(GUN_ERROR, WARMING) * Math.sqrt(read.warming.length);
    rows.push({ measured: celsius, predicted, slopes, deviation: Math.min(60, deviation) });
  }
  return rows;
};

/** How the cook ended, by the best that was measured. */
const checkOf = (read: CookRead, model: CookModel, burnerPan: number): EndCheck | undefined => {
  const { endTemperature } = read.cook;
  const last = read.typed.at(-1) ?? read.probed.at(-1);
  if (endTemperature === undefined && last === undefined) return undefined;
  const figure =
    endTemperature !== undefined || last === undefined
      ? (run: CookModel['base']): number => run.end.peak
      : (run: CookModel['base']): number => run.seen[indexOf(read, last)];
  return {
    measured: endTemperature ?? last?.celsius ?? NaN,
    predicted: figure(model.base),
    slopes: slopesOf(model, figure, burnerPan).slice(0, TRAITS.length),
  };
};

/** What a cook says of its kitchen, the model run in a kitchen of `traits`. */
export const cookEvidence = (read: CookRead, traits: KitchenTraits): CookEvidence => {
  const model = cookModel(read, traits);
  const { gear, plan } = read.cook;
  const point = unitPrior();
  TRAITS.forEach((trait, j) => (point[j] = spreadsOf(trait, traits[trait])));
  // A pan that was measured is known, whatever the burner did.
  const step = 0.05;
  const burnerPan =
    panKnown(read) !== undefined
      ? 0
      : ((panOver(gear, plan.request.pan, traits.burner * Math.exp(step)) -
          panOver(gear, plan.request.pan, traits.burner)) /
          step) *
        TRAIT_SPREAD.burner;
  const n = read.moments.length;
  const core = (event: ReadingEvent, depth: number, deviation: number): Row => {
    const i = indexOf(read, event);
    const figure = (run: CookModel['base']): number => run.seen[depth * n + i];
    const slopes = slopesOf(model, figure, burnerPan);
    slopes[9] = OWN.thermometer;
    return { measured: event.celsius, predicted: figure(model.base), slopes, deviation };
  };
  const fixed: Row[] = [
    ...gearRows(read, traits, burnerPan),
    ...read.typed.map((event) => core(event, 0, TYPED)),
  ];
  if (read.cook.endTemperature !== undefined) {
    const figure = (run: CookModel['base']): number => run.end.peak;
    fixed.push({
      measured: read.cook.endTemperature,
      predicted: figure(model.base),
      slopes: slopesOf(model, figure, burnerPan),
      deviation: JUDGED,
    });
  }
  const accounts: Weighed[] =
    read.probed.length === 0
      ? [weighRows(fixed, point, 1)]
      : [
          ...placesOf(plan.request.thickness).map(({ depth, prior }) =>
            weighRows(
              [...fixed, ...read.probed.map((event) => core(event, depth, PROBED))],
              point,
              prior * (1 - OUT.chance),
            ),
          ),
          weighRows(
            [
              ...fixed,
              ...read.probed.map((event) => ({
                measured: event.celsius,
                predicted: event.celsius,
                slopes: unitPrior(),
                deviation: OUT.deviation,
              })),
            ],
            point,
            OUT.chance,
          ),
        ];
  return { ...together(accounts, TRAITS.length), check: checkOf(read, model, burnerPan) };
};
