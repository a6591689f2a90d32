import type { PlanRequest } from './request';
import { DEFAULT_PAN, type PanOnBurner } from '../gear';
import {
  browningIndex,
  KITCHEN_AIR,
  runFor,
  SLAB,
  solverFor,
  type Observer,
  type PieceSnapshot,
  type PieceSolver,
} from '../heat';
import { legsOf, type Heat, type Leg } from './legs';
import { legSurroundings, type Placed } from './legSurroundings';
import { pieceOf, placedOf, shapeOf } from './pieceOf';
import { restToPeak, type RestPeak } from './restToPeak';
import type { CookDisturbance, CookEnd } from './stagedCook';

/** A leg with its time settled. */
export interface TimedLeg extends Leg {
  readonly seconds: number;
  /** Turns, s from the leg's start; the one at its end included. */
  readonly flips: readonly number[];
}

export interface WayCookOptions {
  /** Columns of the section; absent solves in one dimension with the lateral correction. */
  readonly columns?: number | undefined;
  readonly disturbance?: CookDisturbance;
  readonly pan?: PanOnBurner;
  /** Lateral share of a piece solved in one dimension, where it is known better than by rule. */
  readonly edges?: number | undefined;
}

/** A sear whose crust decides: no shorter, and no longer than this, s; in steps a cook can keep. */
const SHORTEST_SEAR = 20;
const LONGEST_SEAR = 300;
/** Skin with fat under it is given the time to render. */
const SHORTEST_RENDER = 300;
const LONGEST_RENDER = 900;
const SEAR_STEP = 5;
/** A sear is guessed at this until it is settled, s. */
const FIRST_GUESS = 45;
/** A turn within the last seconds before a leg ends would only be work, s. */
const SHORTEST_INTERVAL = 5;

const nothing: CookDisturbance = {};

/** Turns of a leg that lasts so long, s from its start. */
const flipsOf = (leg: Leg, seconds: number): readonly number[] => {
  const flips: number[] = [];
  const { every } = leg;
  if (every !== undefined) {
    for (let t = every; t < seconds - SHORTEST_INTERVAL; t += every) flips.push(t);
  }
  if (leg.flipAt !== undefined && seconds > 0) flips.push(leg.flipAt * seconds);
  if (leg.thenFlip) flips.push(seconds);
  return flips;
};

/**
 * One piece on its way through a cook with one unknown, run as often as a search needs: what comes
 * before the unknown is cooked once and kept.
 */
export class WayCook {
  readonly solver: PieceSolver;
  readonly legs: readonly Leg[];
  /** Seconds of each leg whose crust decides, once settled. */
  private readonly settled = new Map<Leg, number>();
  private readonly placed: Placed;
  private readonly disturbance: CookDisturbance;
  private readonly begin: PieceSnapshot;
  private readonly before: PieceSnapshot;
  private readonly firstUnknown: number;

  constructor(
    readonly request: PlanRequest,
    { columns, disturbance = nothing, pan = DEFAULT_PAN, edges }: WayCookOptions = {},
    settled?: ReadonlyMap<number, number>,
  ) {
    const flat = columns === undefined;
    const piece = pieceOf(request, flat ? SLAB : shapeOf(request));
    this.solver = solverFor(piece, flat ? {} : { columns });
    const placed = placedOf(request, flat, pan);
    this.placed = edges === undefined ? placed : { ...placed, edges };
    this.disturbance = disturbance;
    this.legs = legsOf(request);
    this.firstUnknown = this.legs.findIndex(({ share }) => share > 0);
    this.begin = this.solver.snapshot();
    this.before = this.solver.snapshot();
    this.stand({ on: 'counter', air: KITCHEN_AIR }, request.temper);
    this.solver.save(this.begin);
    settled?.forEach((seconds, i) => this.settled.set(this.legs[i], seconds));
    for (const leg of this.legs.slice(0, this.firstUnknown)) this.settle(leg);
    this.solver.save(this.before);
  }

  /** Lateral share that stands for the edges of a piece solved without them. */
  get edges(): number {
    return this.placed.edges;
  }

  /** Core as the unknown begins, C. */
  get coreBefore(): number {
    this.solver.restore(this.before);
    return this.solver.core;
  }

  /** Index of each settled leg and its seconds, to give to another cook of the same request. */
  settledLegs(): ReadonlyMap<number, number> {
    return new Map(
      this.legs.flatMap((leg, i) => {
        const seconds = this.settled.get(leg);
        return seconds === undefined ? [] : [[i, seconds] as const];
      }),
    );
  }

  private stand(heat: Heat, seconds: number, watch?: Observer): number {
    const around = legSurroundings(heat, this.placed, this.disturbance);
    return runFor(this.solver, around, seconds, watch);
  }

  /** Cooks a leg whose crust decides, and keeps its time. */
  private settle(leg: Leg): void {
    const { goal } = leg;
    if (goal === undefined || this.settled.has(leg)) {
      this.runLeg(this.timed(leg, 0));
      return;
    }
    const { solver } = this;
    const renders = leg.heat.on === 'cold-pan';
    const least = renders ? SHORTEST_RENDER : SHORTEST_SEAR;
    let at = 0;
    this.stand(leg.heat, renders ? LONGEST_RENDER : LONGEST_SEAR, (t) => {
      at = t;
      return t >= least && browningIndex(solver.browned(solver.lowerSide)) >= goal;
    });
    this.settled.set(leg, Math.ceil(at / SEAR_STEP - 0.4) * SEAR_STEP);
    if (leg.thenFlip) solver.flip();
  }

  /** A leg's time and turns with the unknown at `value`. */
  timed(leg: Leg, value: number): TimedLeg {
    const seconds =
      leg.goal === undefined
        ? Math.max(0, leg.fixed + leg.share * value)
        : (this.settled.get(leg) ?? FIRST_GUESS);
    return { ...leg, seconds, flips: flipsOf(leg, seconds) };
  }

  /** Every leg with the unknown at `value`. */
  timedLegs(value: number): readonly TimedLeg[] {
    return this.legs.map((leg) => this.timed(leg, value));
  }

  /** Runs a leg with its turns. `watch` counts from the leg's start. */
  runLeg({ heat, seconds, flips }: TimedLeg, watch?: Observer): void {
    const { solver } = this;
    const around = legSurroundings(heat, this.placed, this.disturbance);
    let from = 0;
    for (const flip of [...flips, Infinity]) {
      const until = Math.min(flip, seconds);
      const start = from;
      if (until > from) runFor(solver, around, until - from, watch && ((t) => watch(start + t)));
      from = until;
      if (flip <= seconds) solver.flip();
    }
  }

  /** Puts the piece back to before the heat. */
  reset(): void {
    this.solver.restore(this.begin);
  }

  /** Rests from the present state until the core is past its peak. */
  restToPeak(watch?: Observer): RestPeak {
    const rest = legSurroundings({ on: 'rest', cover: this.request.cover }, this.placed, nothing);
    return restToPeak(this.solver, rest, watch);
  }

  /** Rests for a fixed time. */
  rest(seconds: number, watch?: Observer): void {
    this.stand({ on: 'rest', cover: this.request.cover }, seconds, watch);
  }

  /** Cooks with the unknown at `value` until the core is past its peak. */
  endAfter(value: number): CookEnd {
    this.solver.restore(this.before);
    return this.endOf(this.timedLegs(value).slice(this.firstUnknown));
  }

  /**
   * Cooks timed legs from the present state until the core is past its peak.
   * @param watch sees every step, the rest's too, s from the first of the legs
   */
  endOf(legs: readonly TimedLeg[], watch?: (seconds: number) => void): CookEnd {
    const { solver } = this;
    const last = legs.findLastIndex(({ share }) => share > 0);
    let pullCore = solver.core;
    let highest = -Infinity;
    let highestAt = 0;
    let passed = 0;
    legs.forEach((leg, i) => {
      const from = passed;
      const seen =
        i <= last && !watch
          ? undefined
          : (t: number): boolean => {
              watch?.(from + t);
              if (i > last && solver.core > highest) {
                highest = solver.core;
                highestAt = from + t;
              }
              return false;
            };
      this.runLeg(leg, seen);
      passed += leg.seconds;
      if (i <= last) pullCore = solver.core;
    });
    const rest = this.restToPeak(
      watch &&
        ((t) => {
          watch(passed + t);
          return false;
        }),
    );
    return rest.celsius >= highest
      ? { pullCore, peak: rest.celsius, peakAfter: rest.after }
      : { pullCore, peak: highest, peakAfter: highestAt - passed };
  }

  /**
   * Lets every sear after the unknown take the time its crust wants, with the unknown at `value`.
   * @returns the most that any of them moved, s
   */
  settleAfter(value: number): number {
    this.solver.restore(this.before);
    let moved = 0;
    for (const leg of this.legs.slice(this.firstUnknown)) {
      const was = this.settled.get(leg) ?? FIRST_GUESS;
      if (leg.goal !== undefined) this.settled.delete(leg);
      if (leg.goal === undefined) this.runLeg(this.timed(leg, value));
      else {
        this.settle(leg);
        moved = Math.max(moved, Math.abs((this.settled.get(leg) ?? was) - was));
      }
    }
    return moved;
  }
}
