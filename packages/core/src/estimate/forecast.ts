import type { DrillError } from '../doneness/drillError';
import type { PanOnBurner } from '../gear';
import { SEARCH_COLUMNS } from '../heat';
import { cookedLegs } from '../cook/cookedLegs';
import { effectiveEvents } from '../cook/effectiveEvents';
import type { CookEvent } from '../cook/event';
import { progressOf } from '../cook/progress';
import { restDeviation } from '../plan/ranges/modelError';
import type { TimedLeg } from '../plan/legs/timedLeg';
import { cutOf } from '../plan/request/request';
import { calibratedRatio, type PlanWithPull } from './calibratedRatio';
import {
  FITTED_PARAMETERS,
  kitchenAt,
  OVEN_AT,
  spreadsOf,
  type Estimated,
  type EstimatedSpreads,
} from './estimated';
import { cookingNow, type Cooking } from './cookingNow';
import { fitAccounts } from './fitAccounts';
import type { Forecast } from './forecastResult';
import { kitchenEstimate, type KitchenEstimate } from './kitchenEstimate';
import { valueAt, linearChange, LINEAR_STEP, type LinearModel } from './linearModel';
import { measurementsSince, type Measurements } from './measurements';
import { firstOvenLeg } from '../plan/legs/ovenLegs';
import { ovenLike, ovenUncertainty } from './ovenLike';
import { ovenObservations } from './ovenObservations';
import { probePositions } from './probePositions';
import { sectionCorrection, type SectionCorrection } from './sectionCorrection';
import { touchObservations } from './touchObservations';
import { PROBE_DEPTHS, tracedRun, type RunInput, type TracedRun } from './tracedRun';

/** Step of the pull for the slope of the end, s and as a fraction of the cook. */
const NUDGE = { least: 10, fraction: 0.02 } as const;
/** Shift of the fit after which the model is linearised again: s, fraction of the pull, standard deviations. */
const STALE = { least: 40, fraction: 0.03, spreads: 0.2 } as const;
/** Shift of a parameter after which the section is compared again, standard deviations. */
const SECTION_STALE_SPREADS = 0.4;
/** Most linearisations a forecast; bound of the parameters, spreads. */
const MOST_PASSES = 5;
const MOST_SPREADS = 2.5;
/** Number of stored moments of a run, and the end of a run past the pull, as a fraction of the pull time. */
const MOMENTS = 160;
const BEYOND_PULL = 1.35;
/** A forecast pull further in the past than this is clamped, s. */
const MAX_PULL_IN_PAST = 12;
/** The leeway is to an end this far from the target, K. */
const LEEWAY_KELVIN = 1.5;
const LEAST_SLOPE = 1e-4;

export interface ForecastInput {
  readonly plan: PlanWithPull;
  /** Planned start of the heat, ms since 1970. */
  readonly plannedIn: number;
  readonly pan: PanOnBurner;
  /** Error of the cook's finger; default: one without drills. */
  readonly finger?: DrillError | undefined;
}

/**
 * Forecasts one cook from its readings: a Gauss-Newton fit of the oven's air and heat, contact,
 * thickness and start against their spreads, on the one-dimensional model whose edges are set by the section's own plan, or
 * of a whole piece on the section.
 * The position of the probe is marginalised over a grid. Each forecast starts from the last one.
 */
export class Forecaster {
  private readonly spreads: EstimatedSpreads;
  private point: Float64Array = new Float64Array(FITTED_PARAMETERS.length);
  private pull: number;
  private linear: LinearModel | undefined;
  /** A whole piece is far from a slab: all its runs are on the section. */
  private readonly onSection: boolean;
  private readonly lateralAreaRatio: number | undefined;
  private correction: SectionCorrection | undefined;
  private correctedAt: Float64Array = new Float64Array(FITTED_PARAMETERS.length);

  constructor(private readonly input: ForecastInput) {
    const { plan } = input;
    this.spreads = spreadsOf(plan.request);
    this.pull = plan.pullAt;
    this.onSection = cutOf(plan.request).whole === true;
    if (this.onSection) return;
    this.lateralAreaRatio = calibratedRatio(plan, input.pan, this.plannedLegs());
    this.correction = sectionCorrection(this.runOf(this.plannedLegs()), plan.pullAt);
  }

  private runOf(legs: readonly TimedLeg[]): Omit<RunInput, 'moments'> {
    const { plan, pan } = this.input;
    const columns = this.onSection ? SEARCH_COLUMNS : undefined;
    return { request: plan.request, pan, lateralAreaRatio: this.lateralAreaRatio, columns, legs };
  }

  private plannedLegs(): readonly TimedLeg[] {
    const { plan, plannedIn } = this.input;
    const progress = progressOf(plan, plannedIn, []);
    return cookedLegs({ inAt: plannedIn, turnedAt: [], progress }, plan.request);
  }

  /** The forecast at `now`; undefined until the piece has met the heat. */
  forecast(events: readonly CookEvent[], now: number): Forecast | undefined {
    const effective = effectiveEvents(events);
    const inAt = effective.find(({ kind }) => kind === 'in')?.at;
    if (inAt === undefined) return undefined;
    const measured = measurementsSince(inAt, effective);
    const cooking = cookingNow(this.input, effective, inAt, now, this.pull);
    const { decided, seconds, progress } = cooking;
    if (decided || this.pull < 1) this.pull = (progress.decidedAt - inAt) / 1000;
    let linear = this.linearised(cooking);
    let estimate = this.estimate(linear, measured, cooking);
    let moved = 0;
    for (let pass = 0; pass < MOST_PASSES; pass += 1) {
      const wanted = decided ? this.pull : Math.max(seconds - MAX_PULL_IN_PAST, estimate.pull, 1);
      // Two solutions that lead to each other are met half-way.
      const share = pass > 0 && moved * (wanted - this.pull) < 0 ? 0.5 : 1;
      moved = wanted - this.pull;
      this.pull += share * moved;
      this.point = this.point.map((p, j) => {
        const there = Math.min(MOST_SPREADS, Math.max(-MOST_SPREADS, estimate.mean[j]));
        return p + share * (there - p);
      });
      const before = linear;
      linear = this.linearised(cooking);
      if (linear === before) break;
      estimate = this.estimate(linear, measured, cooking);
    }
    return this.result(linear, estimate, cooking, measured.cores.length + measured.felt.length);
  }

  private result(
    linear: LinearModel,
    estimate: KitchenEstimate,
    { decided, seconds, inAt, progress }: Cooking,
    readings: number,
  ): Forecast {
    const { base, endSlope } = linear;
    const slope = Math.max(LEAST_SLOPE, Math.abs(endSlope));
    const { reached, pullCore } = base.end;
    const afterPull = restDeviation(this.input.plan.request, reached - pullCore);
    const endSigma = decided ? estimate.endSigma : estimate.pullSigma * slope;
    /** A figure of the core, with the model's own error at its moment, s from the first heat. */
    const atEstimate = (figure: (run: TracedRun) => number, moment = linear.pull): number => {
      const found = figure(base) + linearChange(linear, estimate.mean, figure);
      return found + estimate.discrepancy(moment / linear.pull, found);
    };
    const sigma = (key: Estimated): number =>
      estimate.sigma[FITTED_PARAMETERS.indexOf(key)] * this.spreads[key];
    const kitchen = kitchenAt(estimate.mean, this.spreads);
    const air = firstOvenLeg(progress.legs)?.air;
    return {
      kitchen,
      sigma: {
        oven: sigma('oven'),
        ovenHeat: sigma('ovenHeat'),
        contact: sigma('contact'),
        thickness: sigma('thickness'),
        start: sigma('start'),
      },
      ovenLike:
        air === undefined
          ? undefined
          : ovenLike(
              air,
              kitchen,
              ovenUncertainty(estimate.covariance, FITTED_PARAMETERS.length, OVEN_AT, this.spreads),
            ),
      pullAt: inAt + this.pull * 1000,
      // As wide as the whole time means that the time is not known.
      pullSpread: decided
        ? 0
        : Math.min(this.pull, Math.hypot(estimate.pullSigma, afterPull / slope)),
      decided,
      pullCore: atEstimate((run) => run.end.pullCore),
      leeway: LEEWAY_KELVIN / slope,
      end: estimate.end + endSlope * (this.pull - linear.pull),
      endSpread: Math.hypot(endSigma, afterPull),
      peakAfter: base.end.reachedAfter,
      core: atEstimate((run) => valueAt(linear, run, 0, seconds), seconds),
      probe: estimate.probe,
      readings,
    };
  }

  /** The linear model about the present point: the last one while it still holds. */
  private linearised(cooking: Cooking): LinearModel {
    const last = this.linear;
    if (
      last?.key === cooking.key &&
      Math.abs(last.pull - this.pull) <= Math.max(STALE.least, STALE.fraction * this.pull) &&
      last.point.every((p, j) => Math.abs(p - this.point[j]) <= STALE.spreads)
    ) {
      return last;
    }
    const stale = this.point.some(
      (p, j) => Math.abs(p - this.correctedAt[j]) > SECTION_STALE_SPREADS,
    );
    if (stale && this.correction) {
      this.correctedAt = this.point.slice();
      const legs = cooking.legsAt(this.pull);
      this.correction = sectionCorrection(
        this.runOf(legs),
        this.pull,
        kitchenAt(this.point, this.spreads),
      );
    }
    this.linear = this.linearise(cooking);
    return this.linear;
  }

  private linearise({ legsAt, key }: Cooking): LinearModel {
    const { point, pull, correction } = this;
    const reach = BEYOND_PULL * Math.max(pull, this.input.plan.pullAt);
    const moments = Array.from({ length: MOMENTS }, (_, i) => (i * reach) / (MOMENTS - 1));
    const run = (
      at: Float64Array,
      legs: readonly TimedLeg[],
      seen: readonly number[],
    ): TracedRun => {
      const traced = tracedRun({ ...this.runOf(legs), moments: seen }, kitchenAt(at, this.spreads));
      return correction?.onto(traced, seen, pull) ?? traced;
    };
    const legs = legsAt(pull);
    const base = run(point, legs, moments);
    const moved = FITTED_PARAMETERS.map((_, j) => {
      const there = point.slice();
      there[j] += LINEAR_STEP;
      return run(there, legs, moments);
    });
    const nudge = Math.max(NUDGE.least, NUDGE.fraction * pull);
    const later = run(point, legsAt(pull + nudge), []);
    const endSlope = (later.end.reached - base.end.reached) / nudge;
    return { key, moments, base, moved, endSlope, point: point.slice(), pull };
  }

  /** Fits the readings for every position of the probe. */
  private estimate(
    linear: LinearModel,
    { cores, readings, felt }: Measurements,
    { inAt, progress }: Cooking,
  ): KitchenEstimate {
    const { plan } = this.input;
    const left = cores.filter(({ by }) => by === 'probe');
    const byHand = cores.filter(({ by }) => by !== 'probe');
    const moments = left.map(({ at }) => (at - inAt) / 1000);
    const atReadings = (run: TracedRun): TracedRun => ({
      ...run,
      seen: Float64Array.from({ length: PROBE_DEPTHS.length * moments.length }, (_, i) =>
        valueAt(linear, run, Math.floor(i / moments.length), moments[i % moments.length]),
      ),
    });
    const positions = probePositions(
      { base: atReadings(linear.base), moved: linear.moved.map(atReadings), step: LINEAR_STEP },
      {
        request: plan.request,
        shares: moments.map((moment) => moment / linear.pull),
        readings: left.map(({ celsius }) => celsius),
        alongBone: this.correction?.alongBone(moments, linear.pull),
        ovenAir: moments.map(
          (passed) => (progress.legs.findLast(({ at }) => at <= passed) ?? progress.legs[0]).air,
        ),
      },
    );
    const others = [
      ...ovenObservations(readings, progress, linear.point, this.spreads),
      ...touchObservations(felt, linear, inAt, plan.request, this.input.finger),
    ];
    const accounts = fitAccounts({
      linear,
      inAt,
      request: plan.request,
      // A probe that was not left in has only one position.
      positions: left.length === 0 ? positions.slice(0, 1) : positions,
      byHand,
      others,
    });
    const lastRead = Math.max(inAt, ...[...cores, ...felt].map(({ at }) => at));
    return kitchenEstimate(linear, accounts, plan.request, (lastRead - inAt) / 1000 / linear.pull);
  }
}
