import { KITCHEN_SPREAD, spreadsFrom, THERMOMETER_SPREAD } from '../gear/deviationSpread';
import { PROBE_DEPTHS } from '../estimate/tracedRun';
import { fitWeights, mixture } from '../maths/mixture';
import { robustLeastSquares, type Observation, type RobustFit } from '../maths/robustLeastSquares';
import type { ReadingEvent } from '../cook/event';
import { WELL_PLACED } from '../estimate/probePositions';
import { cookModel, measuredPanExcess, type CookData, type CookModel } from './cookData';
import { panExcess } from './panWarmUp';
import { EVIDENCE_KINDS, type EvidenceKind } from './evidenceKind';
import { DISCREPANCY_AT, AT, PARAMETERS, slopesOf, unitPrior } from './evidenceParameters';
import { gearRows, type EvidenceRow } from './gearEvidence';
import { seenRows } from './seenEvidence';
import { TRAITS, type LearnedTraits } from './traits';
import { addDiscrepancy, discrepancyPriors } from '../estimate/discrepancy';
import { touchObservation } from '../estimate/fingerTouch';
import {
  predictHandReading,
  HANDS,
  placesGiven,
  placesMoved,
  shownByHand,
  type Hand,
} from '../estimate/handReading';

/** The posterior of the kitchen's traits from one cook, in spreads, its own scatter marginalised. */
export interface CookEvidence {
  readonly mean: Float64Array;
  /** Posterior covariance with the nominal prior, row by row. */
  readonly covariance: Float64Array;
  /** The measured end, the model's, and its slopes by each trait. */
  readonly check: EndCheck | undefined;
  /** Information that each sort of evidence gives by itself: the sum over the traits of prior over posterior variance, less 1. */
  readonly information: Readonly<Partial<Record<EvidenceKind, number>>>;
}

export interface EndCheck {
  /** The core's end as judged, or its last reading: C, s from the first heat where it was a reading. */
  readonly measured: number;
  readonly predicted: number;
  /** K per spread of each trait. */
  readonly slopes: Float64Array;
}

/** Standard deviations about the model, K: a probe left in, a reading by hand, the end as judged. Estimates. */
const PROBED = 0.6;
const TYPED = 1;
const JUDGED = 1.1;
/** A probe outside the meat may read anything: prior probability, and standard deviation, K. */
const OUT = { chance: 0.03, deviation: 30 } as const;
const MISPLACED_CHANCE = 0.1;

/** Depths at which a probe may lie, with their prior probabilities. */
const placesOf = (thickness: number): readonly { depth: number; prior: number }[] => {
  const well = PROBE_DEPTHS.map((depth) => (Math.abs(depth) * thickness) / 2 <= WELL_PLACED);
  const good = well.filter(Boolean).length;
  return PROBE_DEPTHS.map((_, depth) => ({
    depth,
    prior: well[depth]
      ? (1 - MISPLACED_CHANCE) / good
      : MISPLACED_CHANCE / (PROBE_DEPTHS.length - good),
  }));
};

const indexOf = (read: CookData, { at }: Pick<ReadingEvent, 'at'>): number =>
  read.moments.indexOf((at - read.inAt) / 1000);

/** Information on the traits by some observations alone, in one account of the model's own error. */
const informationOf = (
  rows: readonly Observation[],
  point: Float64Array,
  sigma: ArrayLike<number>,
): number => {
  const { covariance } = robustLeastSquares(rows, point, { chance: 1, sigma });
  return TRAITS.reduce((sum, _, j) => sum + Math.max(0, 1 / covariance[j * PARAMETERS + j] - 1), 0);
};

/** End of the cook, by its best measurement. */
const checkOf = (read: CookData, model: CookModel, burnerPan: number): EndCheck | undefined => {
  const { endTemperature } = read.cook;
  const last = read.typed.at(-1) ?? read.probed.at(-1);
  if (endTemperature === undefined && last === undefined) return undefined;
  const figure =
    endTemperature !== undefined || last === undefined
      ? (run: CookModel['base']): number => run.end.reached
      : (run: CookModel['base']): number => run.seen[indexOf(read, last)];
  return {
    measured: endTemperature ?? last?.celsius ?? NaN,
    predicted: figure(model.base),
    slopes: slopesOf(model, figure, burnerPan).slice(0, TRAITS.length),
  };
};

/** The evidence of a cook, the model run in a kitchen with `traits`. */
export const cookEvidence = (read: CookData, traits: LearnedTraits): CookEvidence => {
  const model = cookModel(read, traits);
  const { gear, plan } = read.cook;
  const point = unitPrior();
  TRAITS.forEach((trait, j) => {
    point[j] = spreadsFrom(trait, traits[trait], KITCHEN_SPREAD[trait]);
  });
  // A pan that was measured is known, whatever the burner did.
  const step = 0.05;
  const burnerPan =
    measuredPanExcess(read) !== undefined
      ? 0
      : ((panExcess(gear, plan.request.pan, traits.burner * Math.exp(step)) -
          panExcess(gear, plan.request.pan, traits.burner)) /
          step) *
        KITCHEN_SPREAD.burner;
  const n = read.moments.length;
  const core = (event: ReadingEvent, depth: number, sigma: number): Observation => {
    const i = indexOf(read, event);
    const figure = (run: CookModel['base']): number => run.seen[depth * n + i];
    const slopes = slopesOf(model, figure, burnerPan);
    slopes[AT.thermometer] = THERMOMETER_SPREAD;
    const predicted = figure(model.base);
    addDiscrepancy(slopes, DISCREPANCY_AT, plan.request, read.moments[i] / read.pull, predicted);
    return { measured: event.celsius, predicted, slopes, sigma };
  };
  const { stem, thickness } = plan.request;
  /** Placed again each time: its own expected figure and spread. */
  const byHand = (
    event: ReadingEvent,
    hand: Hand,
  ): { readonly row: Observation; readonly likelihood: number } => {
    const i = indexOf(read, event);
    const placing = { stem, thickness, lowest: event.lowest ?? false };
    const shownIn = (run: CookModel['base']): readonly number[] =>
      shownByHand((depth) => run.seen[depth * n + i], placing, hand);
    const shown = shownIn(model.base);
    const before = predictHandReading(shown).expected;
    const slopes = slopesOf(model, (run) => predictHandReading(shownIn(run)).expected, burnerPan);
    slopes[AT.thermometer] = THERMOMETER_SPREAD;
    addDiscrepancy(slopes, DISCREPANCY_AT, plan.request, read.moments[i] / read.pull, before);
    const doubt = Math.hypot(TYPED, ...slopes);
    const places = placesGiven(shown, event.celsius, doubt);
    const { expected, spread } = predictHandReading(shown, places);
    const row = {
      measured: event.celsius,
      predicted: expected,
      slopes,
      sigma: Math.hypot(TYPED, spread),
    };
    return { row, likelihood: Math.exp(-placesMoved(places)) };
  };
  const fixed: EvidenceRow[] = [...gearRows(read, traits, burnerPan)];
  if (read.cook.endTemperature !== undefined) {
    const figure = (run: CookModel['base']): number => run.end.reached;
    const slopes = slopesOf(model, figure, burnerPan);
    const predicted = figure(model.base);
    addDiscrepancy(slopes, DISCREPANCY_AT, plan.request, 1, predicted);
    const measured = read.cook.endTemperature;
    fixed.push({ kind: 'end', measured, predicted, slopes, sigma: JUDGED });
  }
  fixed.push(
    ...seenRows(read.cook, model.base, (figure, isCore) => {
      const slopes = slopesOf(model, figure, burnerPan);
      if (isCore) addDiscrepancy(slopes, DISCREPANCY_AT, plan.request, 1, figure(model.base));
      return slopes;
    }),
  );
  /** Position of the probe: each place in the meat, or outside it; without rows if no probe was left in. */
  const places: readonly { readonly prior: number; readonly rows: readonly Observation[] }[] =
    read.probed.length === 0
      ? [{ prior: 1, rows: [] }]
      : [
          ...placesOf(thickness).map(({ depth, prior }) => ({
            prior: prior * (1 - OUT.chance),
            rows: read.probed.map((event) => core(event, depth, PROBED)),
          })),
          {
            prior: OUT.chance,
            rows: read.probed.map((event) => ({
              measured: event.celsius,
              predicted: event.celsius,
              slopes: unitPrior(),
              sigma: OUT.deviation,
            })),
          },
        ];
  fixed.push(
    ...read.felt.map((event): EvidenceRow => {
      const i = indexOf(read, event);
      const figure = (run: CookModel['base']): number => run.seen[i];
      const slopes = slopesOf(model, figure, burnerPan);
      const predicted = figure(model.base);
      addDiscrepancy(slopes, DISCREPANCY_AT, plan.request, read.moments[i] / read.pull, predicted);
      const { finger } = read.cook;
      const row = touchObservation(event.firmness, finger, predicted, slopes, read.felt.length);
      return { ...row, kind: 'felt' };
    }),
  );
  const sizes = discrepancyPriors(plan.request, PARAMETERS);
  const hands = read.typed.length === 0 ? HANDS.slice(0, 1) : HANDS;
  const accounts = hands.flatMap((hand): RobustFit[] => {
    const typed = read.typed.map((event) => byHand(event, hand));
    const chance = typed.reduce((product, { likelihood }) => product * likelihood, hand.prior);
    const placed = [...fixed, ...typed.map(({ row }) => row)];
    return places.flatMap(({ prior, rows }) =>
      sizes.map((size) =>
        robustLeastSquares([...placed, ...rows], point, {
          chance: size.chance * chance * prior,
          sigma: size.sigma,
        }),
      ),
    );
  });
  const rowsOf = (kind: EvidenceKind): readonly Observation[] => {
    if (kind === 'probe') return read.probed.map((event) => core(event, 0, PROBED));
    if (kind === 'typed') return read.typed.map((event) => byHand(event, HANDS[0]).row);
    return fixed.filter((row) => row.kind === kind);
  };
  return {
    ...mixture(accounts, fitWeights(accounts), TRAITS.length),
    check: checkOf(read, model, burnerPan),
    information: Object.fromEntries(
      EVIDENCE_KINDS.flatMap((kind) => {
        const rows = rowsOf(kind);
        return rows.length === 0 ? [] : [[kind, informationOf(rows, point, sizes[0].sigma)]];
      }),
    ),
  };
};
