import { KITCHEN_AIR } from '../heat/kitchenAir';
import type { PanOnBurner } from '../gear';
import type { TimedLeg } from '../plan/timedLeg';
import { WayCook } from '../plan/wayCook';
import { cookedLegs } from './cookedLegs';
import { ofCore, type CookEvent, type Instrument, type ReadingEvent } from './event';
import { fitReadings } from './fitReadings';
import type { Forecast } from './forecastResult';
import { gatherFits, type Told } from './gatherFits';
import { DEPTHS, guessedRun, type GuessedRun } from './guessedRun';
import { GUESSED, guessAt, USUAL_ERROR } from './kitchenGuess';
import { along, between, STEP, type LinearModel } from './linearModel';
import { probeHypotheses } from './probeHypotheses';
import { progressOf, type PlanFigures, type Progress } from './progress';
import { standing } from './standing';
import { sectionCorrection, type SectionCorrection } from './sectionCorrection';

/** The pull is moved by this to see what it does, s and share of the cook. */
const NUDGE = { least: 10, share: 0.02 } as const;
/** Readings used at most, evenly chosen: more say nothing new. */
const MOST_READINGS = 100;
/** The model's own error in the end and in the time, beside the figures', one deviation. */
const MODEL_END = 0.5;
/** The model is made anew when the fit has moved so far: s, share of the pull, usual errors. */
const STALE = { least: 40, share: 0.03, errors: 0.2 } as const;
const MOST_PASSES = 5;
/** Points along the cook, and how far past the pull they go. */
const POINTS = 160;
const BEYOND = 1.35;
/** A pull sooner than this is one that should have been, s before now. */
const ENOUGH = 12;

/** The section is compared again when a parameter has moved so far, usual errors. */
const STRAYS = 0.4;

export interface Watched {
  readonly plan: PlanFigures & { readonly pullCore: number };
  /** When the plan has the piece meet the heat, ms since 1970. */
  readonly plannedIn: number;
  readonly pan: PanOnBurner;
}

/** What the events have made of the cook. */
interface Cooking {
  readonly inAt: number;
  readonly key: string;
  readonly legsAt: (pull: number) => readonly TimedLeg[];
  readonly progress: Progress;
}

const unit = (j: number): number => USUAL_ERROR[GUESSED[j]];

/** Evenly chosen, the newest always among them. */
const thinned = <T>(all: readonly T[]): readonly T[] => {
  if (all.length <= MOST_READINGS) return all;
  const stride = (all.length - 1) / (MOST_READINGS - 1);
  return Array.from({ length: MOST_READINGS }, (_, i) => all[Math.round(i * stride)]);
};

/**
 * Follows one cook: what its readings say about its kitchen, and what that makes of the pull and
 * the end. A Gauss-Newton fit of oven, contact, thickness and start against their usual errors, on
 * the one-dimensional model whose edges are set by the section's own plan; where the probe lies is
 * weighed over a grid of places. Keeps its last answer as the point to start from.
 */
export class Forecaster {
  private point: Float64Array = new Float64Array(GUESSED.length);
  private pull: number;
  private linear: LinearModel | undefined;
  private readonly edges: number | undefined;
  private correction: SectionCorrection;
  private correctedAt: Float64Array = new Float64Array(GUESSED.length);

  constructor(private readonly watched: Watched) {
    const { plan } = watched;
    this.pull = plan.pullAt;
    this.edges = this.calibrate();
    const legs = this.plannedLegs();
    const { pan } = watched;
    const input = { request: plan.request, pan, edges: this.edges, legs };
    this.correction = sectionCorrection(input, legs, plan.pullAt);
  }

  /** The lateral share with which one dimension reaches the plan's own pull, which the section gave. */
  private calibrate(): number | undefined {
    const { plan, pan } = this.watched;
    if (!plan.legs.some(({ kind }) => kind === 'oven')) return undefined;
    const legs = this.plannedLegs();
    const end = (edges?: number): { share: number; core: number } => {
      const cook = new WayCook(plan.request, { pan, edges });
      cook.reset();
      return { share: cook.edges, core: cook.endOf(legs).pullCore };
    };
    const a = end();
    const b = end(a.share + 0.05);
    const slope = (b.core - a.core) / 0.05;
    if (!(slope > 1)) return undefined;
    return Math.min(2, Math.max(0, a.share + (plan.pullCore - a.core) / slope));
  }

  private plannedLegs(): readonly TimedLeg[] {
    const { plan, plannedIn } = this.watched;
    const progress = progressOf(plan, plannedIn, []);
    return cookedLegs({ inAt: plannedIn, turnedAt: [], progress }, plan.request);
  }

  /** What stands at `now`; undefined until the piece has met the heat. */
  forecast(events: readonly CookEvent[], now: number): Forecast | undefined {
    const kept = standing(events);
    const inAt = kept.find(({ kind }) => kind === 'in')?.at;
    if (inAt === undefined) return undefined;
    const turnedAt = kept.filter(({ kind }) => kind === 'turned').map(({ at }) => at);
    const readings = kept.filter(
      (event): event is ReadingEvent => event.kind === 'reading' && event.at >= inAt,
    );
    const cores = thinned(readings.filter(ofCore));
    const seconds = (now - inAt) / 1000;
    const progressAt = (pull: number): Progress =>
      progressOf(this.watched.plan, this.watched.plannedIn, kept, inAt + pull * 1000);
    const first = progressAt(this.pull);
    const decided = first.actions
      .slice(0, first.done)
      .some(({ leg, kind }) => leg > first.decides || kind === 'pull');
    if (decided || this.pull < 1) this.pull = (first.decidedAt - inAt) / 1000;
    const cooking: Cooking = {
      inAt,
      key: kept
        .filter(({ kind }) => kind !== 'reading' && kind !== 'note')
        .map(({ id, at }) => id + String(at))
        .join(),
      legsAt: (pull) =>
        cookedLegs({ inAt, turnedAt, progress: progressAt(pull) }, this.watched.plan.request),
      progress: first,
    };
    let linear = this.linearised(cooking);
    let told = this.weigh(linear, cores, readings, cooking);
    for (let pass = 0; pass < MOST_PASSES; pass += 1) {
      this.point = Float64Array.from(told.mean, (p) => Math.min(2.5, Math.max(-2.5, p)));
      if (!decided) this.pull = Math.max(seconds - ENOUGH, told.pull, 1);
      const before = linear;
      linear = this.linearised(cooking);
      if (linear === before) break;
      told = this.weigh(linear, cores, readings, cooking);
    }
    return this.said(linear, told, { decided, seconds, inAt, readings: cores.length });
  }

  private said(
    linear: LinearModel,
    told: Told,
    {
      decided,
      seconds,
      inAt,
      readings,
    }: { decided: boolean; seconds: number; inAt: number; readings: number },
  ): Forecast {
    const slope = Math.max(1e-4, Math.abs(linear.endSlope));
    const spread = decided ? told.endDeviation : told.pullDeviation * slope;
    const end =
      linear.base.end.peak +
      along(linear, told.mean, (run) => run.end.peak) +
      linear.endSlope * (this.pull - linear.pull);
    return {
      guess: guessAt(told.mean),
      deviation: {
        oven: told.deviation[0] * unit(0),
        contact: told.deviation[1] * unit(1),
        thickness: told.deviation[2] * unit(2),
        start: told.deviation[3] * unit(3),
      },
      pullAt: inAt + this.pull * 1000,
      pullSpread: decided ? 0 : Math.hypot(told.pullDeviation, MODEL_END / slope),
      decided,
      pullCore: linear.base.end.pullCore + along(linear, told.mean, (run) => run.end.pullCore),
      leeway: 1.5 / slope,
      end,
      endSpread: Math.hypot(spread, MODEL_END),
      peakAfter: linear.base.end.peakAfter,
      core:
        between(linear, linear.base, 0, seconds) +
        along(linear, told.mean, (run) => between(linear, run, 0, seconds)),
      probe: told.probe,
      readings,
    };
  }

  /** The model about the present point: the last one while it still holds. */
  private linearised(cooking: Cooking): LinearModel {
    const last = this.linear;
    if (
      last?.key === cooking.key &&
      Math.abs(last.pull - this.pull) <= Math.max(STALE.least, STALE.share * this.pull) &&
      last.point.every((p, j) => Math.abs(p - this.point[j]) <= STALE.errors)
    ) {
      return last;
    }
    if (this.strayed()) this.correct(cooking.legsAt(this.pull));
    this.linear = this.linearise(cooking);
    return this.linear;
  }

  /** Whether the fit has left the kitchen that the section was compared in. */
  private strayed(): boolean {
    return this.point.some((p, j) => Math.abs(p - this.correctedAt[j]) > STRAYS);
  }

  private correct(legs: readonly TimedLeg[]): void {
    const { plan, pan } = this.watched;
    const input = { request: plan.request, pan, edges: this.edges, legs };
    this.correctedAt = this.point.slice();
    this.correction = sectionCorrection(input, legs, this.pull, guessAt(this.point));
  }

  private linearise({ legsAt, key }: Cooking): LinearModel {
    const { pan, plan } = this.watched;
    const reach = BEYOND * Math.max(this.pull, plan.pullAt);
    const moments = Array.from({ length: POINTS }, (_, i) => (i * reach) / (POINTS - 1));
    const { point, pull, edges } = this;
    const input = { request: plan.request, pan, edges, moments, legs: legsAt(pull) };
    const run = (at: Float64Array): GuessedRun =>
      this.correction.onto(guessedRun(input, guessAt(at)), moments, pull);
    const base = run(point);
    const moved = GUESSED.map((_, j) => {
      const there = point.slice();
      there[j] += STEP;
      return run(there);
    });
    const nudge = Math.max(NUDGE.least, NUDGE.share * pull);
    const nudged = { ...input, moments: [], legs: legsAt(pull + nudge) };
    const later = this.correction.onto(guessedRun(nudged, guessAt(point)), [], pull);
    return {
      key,
      moments,
      base,
      moved,
      endSlope: (later.end.peak - base.end.peak) / nudge,
      point: point.slice(),
      pull,
    };
  }

  /** Weighs the places of the probe and what the readings say in each. */
  private weigh(
    linear: LinearModel,
    cores: readonly ReadingEvent[],
    readings: readonly ReadingEvent[],
    { inAt, progress }: Cooking,
  ): Told {
    const { plan } = this.watched;
    const moments = cores.map(({ at }) => (at - inAt) / 1000);
    const { airs, slopes } = this.airRound(cores, progress, inAt);
    const seenAt = (run: GuessedRun): GuessedRun => ({
      ...run,
      seen: Float64Array.from({ length: DEPTHS.length * moments.length }, (_, i) =>
        between(linear, run, Math.floor(i / moments.length), moments[i % moments.length]),
      ),
    });
    const hypotheses = probeHypotheses(
      { base: seenAt(linear.base), moved: linear.moved.map(seenAt), step: STEP },
      {
        thickness: plan.request.thickness,
        count: moments.length,
        alongBone: this.correction.alongBone(moments, linear.pull),
        air: airs,
        airSlope: slopes,
      },
    );
    const fits = fitReadings(
      hypotheses,
      cores.map(({ celsius }) => celsius),
      linear.point,
      this.ovenKnown(readings, progress),
    );
    return gatherFits(linear, hypotheses, fits, plan.request.target);
  }

  /** Readings of the oven's air say its error straight away. */
  private ovenKnown(readings: readonly ReadingEvent[], { legs }: Progress) {
    const air = legs.find(({ kind }) => kind === 'oven')?.air;
    const seen = readings.filter(({ by }: { by?: Instrument | undefined }) => by === 'oven');
    if (air === undefined || seen.length === 0) return [];
    const mean = seen.reduce((sum, { celsius }) => sum + celsius, 0) / seen.length;
    // Thermostats swing: one look is worth 6 K, many no better than 3.
    const deviation = Math.max(3, 6 / Math.sqrt(seen.length)) / unit(0);
    return [{ parameter: 0, value: (mean - air) / unit(0), deviation }];
  }

  private airRound(cores: readonly ReadingEvent[], progress: Progress, inAt: number) {
    const airs = new Float64Array(cores.length);
    const slopes = new Float64Array(cores.length);
    cores.forEach(({ at }, i) => {
      const passed = (at - inAt) / 1000;
      const leg = progress.legs.findLast((one) => one.at <= passed) ?? progress.legs[0];
      airs[i] = leg.air ?? KITCHEN_AIR;
      slopes[i] = leg.air === undefined ? 0 : unit(0);
    });
    return { airs, slopes };
  }
}
