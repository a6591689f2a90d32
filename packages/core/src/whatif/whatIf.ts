import { carvingAfter } from '../plan/legs/carving';
import { browningIndex } from '../heat';
import type { KitchenDeviation, PanOnBurner } from '../gear';
import { findCrossing } from '../maths/findCrossing';
import { runToEnd } from '../maths/runToEnd';
import type { TimedLeg } from '../plan/legs/timedLeg';
import type { CookSnapshot } from '../plan/legs/pieceCook';
import { MethodSimulator } from '../plan/legs/methodSimulator';
import { cookedLegs } from '../cook/cookedLegs';
import type { CookEvent, RemainingLeg } from '../cook/event';
import { progressOf, type PlanFigures, type Progress } from '../cook/progress';
import { effectiveEvents } from '../cook/effectiveEvents';

/** The end of a cook that is continued one way. */
export interface Outcome {
  /** Remaining legs, the free part solved. */
  readonly legs: readonly RemainingLeg[];
  /** From now to the last of the heat, s. */
  readonly seconds: number;
  /** From there to the knife, s. */
  readonly restSeconds: number;
  /** The core's peak, and the core when it is sliced, C. */
  readonly peak: number;
  readonly sliceCore: number;
  /** Browning index of the first face down and the other. */
  readonly browning: readonly [number, number];
}

export interface CookInProgress {
  readonly plan: PlanFigures;
  readonly plannedIn: number;
  readonly events: readonly CookEvent[];
  readonly pan: PanOnBurner;
  /** Known part of the kitchen. */
  readonly kitchen: KitchenDeviation;
  readonly edges?: number | undefined;
  /** Due time of the deciding leg by the forecast, ms since 1970. */
  readonly pullAt?: number | undefined;
}

/** Longest a free part is searched, s. */
const LONGEST = 4 * 3600;
const TOLERANCE = 0.05;
const SHORTEST_REST = 60;
const SLICED_EARLY = 30;

const tailOf = (leg: TimedLeg, decides: boolean): RemainingLeg => {
  const { kind, seconds, flips, heat } = leg;
  return {
    kind,
    seconds,
    flips,
    heat,
    ...('pan' in heat ? { pan: heat.pan } : {}),
    ...('air' in heat && heat.on !== 'counter' ? { air: heat.air } : {}),
    ...(decides ? ({ decides: true } as const) : {}),
  };
};

/**
 * Present state of a piece, from which several continuations are simulated: run once through its past, in the known
 * kitchen, and restored for each question.
 */
export class WhatIf {
  readonly progress: Progress;
  /** Remaining legs of the plan, from now. */
  readonly rest: readonly TimedLeg[];
  private readonly cook: MethodSimulator;
  private readonly now: CookSnapshot;

  constructor(
    private readonly inProgress: CookInProgress,
    now: number,
  ) {
    const { plan, plannedIn, events, pullAt } = inProgress;
    const effective = effectiveEvents(events);
    const inAt = effective.find(({ kind }) => kind === 'in')?.at ?? now;
    this.progress = progressOf(plan, plannedIn, effective, pullAt);
    const turnedAt = effective.filter(({ kind }) => kind === 'turned').map(({ at }) => at);
    const legs = cookedLegs({ inAt, turnedAt, progress: this.progress }, plan.request);
    this.cook = new MethodSimulator(plan.request, {
      deviation: inProgress.kitchen,
      pan: inProgress.pan,
      lateralAreaRatio: inProgress.edges,
    });
    this.cook.reset();
    const rest: TimedLeg[] = [];
    let left = Math.max(0, (now - inAt) / 1000);
    const pulled = effective.some(({ kind }) => kind === 'pulled');
    for (const leg of legs) {
      const done = Math.min(left, leg.seconds);
      left -= done;
      const before = leg.flips.filter((flip) => flip <= done);
      if (done > 0) this.cook.runLeg({ ...leg, seconds: done, flips: before });
      if (pulled || leg.seconds - done < 1e-6) continue;
      const flips = leg.flips.filter((flip) => flip > done).map((flip) => flip - done);
      rest.push({ ...leg, seconds: leg.seconds - done, flips });
    }
    if (pulled && left > 0) this.cook.rest(left);
    this.rest = rest;
    this.now = this.cook.snapshot();
  }

  /** Continues with timed `legs`. */
  outcome(legs: readonly TimedLeg[], holds = 0): Outcome {
    const { solver } = this.cook;
    this.cook.restore(this.now);
    const end = this.cook.endOf(legs);
    const seconds = legs.reduce((sum, leg) => sum + leg.seconds, 0);
    const rest =
      carvingAfter(this.cook.request) ??
      Math.max(SHORTEST_REST, Math.ceil(end.peakAfter / SLICED_EARLY) * SLICED_EARLY);
    const restSeconds = rest + holds;
    this.cook.restore(this.now);
    for (const leg of legs) this.cook.runLeg(leg);
    this.cook.rest(restSeconds);
    const decides = legs.findLastIndex(({ unknownShare: share }) => share > 0);
    return {
      legs: legs.map((leg, i) => tailOf(leg, i === decides)),
      seconds,
      restSeconds,
      peak: end.reached,
      sliceCore: solver.core,
      browning: [browningIndex(solver.browned(0)), browningIndex(solver.browned(1))],
    };
  }

  /**
   * `legs` with the duration of the one at `free` solved for the wanted end. If the end is too high even without the leg, it is
   * left out; if it never reaches the end, its planned duration stays.
   */
  solved(legs: readonly TimedLeg[], free: number): readonly TimedLeg[] {
    const goal = this.inProgress.plan.request.target;
    const withFree = (seconds: number): readonly TimedLeg[] =>
      legs.map((leg, i) => {
        if (i !== free) return { ...leg, unknownShare: 0 };
        const flips = leg.flips
          .map((flip) => (leg.seconds > 0 ? (flip * seconds) / leg.seconds : 0))
          .filter((flip) => flip <= seconds);
        return { ...leg, seconds, flips, unknownShare: 1 };
      });
    const peak = (seconds: number): number => {
      this.cook.restore(this.now);
      return this.cook.endOf(withFree(seconds)).reached;
    };
    const none = peak(0);
    if (none >= goal) return withFree(0);
    let high = Math.max(60, legs[free].seconds);
    let low = { x: 0, y: none };
    let top = peak(high);
    while (top < goal && high < LONGEST) {
      low = { x: high, y: top };
      high = Math.min(LONGEST, high * 1.6);
      top = peak(high);
    }
    if (top < goal) return withFree(legs[free].seconds);
    const crossing = findCrossing(peak, goal, low, { x: high, y: top }, TOLERANCE);
    return withFree(runToEnd(crossing).x);
  }
}
