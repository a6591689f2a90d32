import { DEFAULT_PAN, NOMINAL_KITCHEN, type KitchenDeviation, type PanOnBurner } from '../../gear';
import { browningIndex, KITCHEN_AIR, type Observer } from '../../heat';
import { carvingAfter } from './carving';
import type { CookEnd } from './cookEnd';
import { CookRecording, type RecordingSpacing } from './cookRecording';
import { inKitchen } from '../request/inKitchen';
import { legsOf, type Leg } from './legs';
import { PieceCook, type CookSnapshot } from './pieceCook';
import type { PlanRequest } from '../request/request';
import { LegCheckpoints } from './legCheckpoints';
import { legSeconds, retimed, timedFor, turningSeconds, type TimedLeg } from './timedLeg';

export interface MethodSimulatorOptions {
  /** Columns of the section; absent solves in one dimension with the lateral correction. */
  readonly columns?: number | undefined;
  /** Difference between the kitchen and that of the request; default: none. */
  readonly deviation?: KitchenDeviation;
  readonly pan?: PanOnBurner;
  /** Lateral area ratio of a piece solved in one dimension; default: by rule. */
  readonly lateralAreaRatio?: number | undefined;
  /** Resolution of the recording of every run; undefined: no recording. */
  readonly recording?: RecordingSpacing | undefined;
}

/** Result of one trial cooking time. */
export interface SimulationRun {
  readonly value: number;
  readonly legs: readonly TimedLeg[];
  readonly end: CookEnd;
  /** Browning index of the first face down and the other, at the core's peak. */
  readonly faces: readonly [number, number];
  /** The cook as it goes to rest, where runs are recorded. */
  readonly toRest: CookSnapshot | undefined;
}

/** End of timed legs, and the cook at the start of its rest if it is recorded. */
export interface Ending {
  readonly end: CookEnd;
  readonly toRest: CookSnapshot | undefined;
}

/** The legs before the unknown, already simulated, and the leg of the unknown after them. */
interface Opening {
  readonly legs: readonly TimedLeg[];
  readonly unknown: Leg;
  readonly shared: LegCheckpoints;
}

/** Cooks a leg, seen by `watch`; how long it took, s. */
type CookLeg<L> = (leg: L, watch?: Observer) => number;

/**
 * Simulation of one piece through a cook with one unknown, for any number of trial values. A run depends only on its
 * arguments: the legs before the unknown, and the part of the unknown's leg that is the same for every value, are
 * simulated once and kept.
 */
export class MethodSimulator extends PieceCook {
  readonly legs: readonly Leg[];
  private readonly begin: CookSnapshot;
  private readonly firstUnknown: number;
  private opened: Opening | undefined;

  constructor(
    stated: PlanRequest,
    {
      columns,
      deviation = NOMINAL_KITCHEN,
      pan = DEFAULT_PAN,
      lateralAreaRatio,
      recording,
    }: MethodSimulatorOptions = {},
  ) {
    super(inKitchen(stated, deviation), { columns, deviation, pan, lateralAreaRatio });
    const { request, solver } = this;
    this.legs = legsOf(request);
    this.firstUnknown = this.legs.findIndex(({ unknownShare: share }) => share > 0);
    this.temper(KITCHEN_AIR, request.temper);
    if (recording) this.recordWith(new CookRecording(solver, request, recording));
    this.begin = this.snapshot();
  }

  /** Whether sears whose crust decides come after the unknown has begun. */
  get searsLater(): boolean {
    return this.legs.slice(this.firstUnknown).some(({ browningGoal: goal }) => goal !== undefined);
  }

  private opening(): Opening {
    if (this.opened) return this.opened;
    this.reset();
    const legs: TimedLeg[] = [];
    for (const leg of this.legs.slice(0, this.firstUnknown)) legs.push(this.cookLeg(leg, 0, legs));
    const unknown = this.legs[this.firstUnknown];
    const apart = this.places.goesOnEvery(unknown.heat);
    this.opened = {
      legs,
      unknown,
      shared: new LegCheckpoints(this, unknown, this.snapshot(), apart),
    };
    return this.opened;
  }

  /**
   * Cooks a leg from the present state: as long as its crust wants, or as the unknown says.
   * @param before the legs that were cooked before it
   */
  private cookLeg(
    leg: Leg,
    value: number,
    before: readonly TimedLeg[],
    watch?: Observer,
  ): TimedLeg {
    if (leg.browningGoal !== undefined) return this.sear(leg, leg.browningGoal, watch);
    const timed = timedFor(leg, legSeconds(leg, value), turningSeconds(before));
    this.runLeg(timed, watch);
    return timed;
  }

  /** The iron under the piece, C, while it lies on a pan that it cools. */
  get floor(): number | undefined {
    return this.places.floor;
  }

  /** Puts the piece back to before the heat. */
  reset(): void {
    this.restore(this.begin);
  }

  /** Cooks with the unknown at `value`, each sear as long as its crust wants. */
  run(value: number): SimulationRun {
    const { solver } = this;
    const { legs: opening, unknown, shared } = this.opening();
    const legs = [...opening];
    const first = timedFor(unknown, legSeconds(unknown, value), turningSeconds(opening));
    const from = shared.enter(first);
    const cook: CookLeg<Leg> = (leg, watch) => {
      if (leg === unknown) this.runLeg(first, watch, from);
      const timed = leg === unknown ? first : this.cookLeg(leg, value, legs, watch);
      legs.push(timed);
      return timed.seconds;
    };
    const ending = this.toTheEnd(this.legs.slice(this.firstUnknown), cook);
    const faces = [browningIndex(solver.browned(0)), browningIndex(solver.browned(1))] as const;
    return { value, legs, ...ending, faces };
  }

  /** Simulates the run with another value of the unknown, its sears unchanged. */
  endWith(run: SimulationRun, value: number): CookEnd {
    const { legs: opening, shared } = this.opening();
    const legs = retimed(run.legs, value).slice(opening.length);
    const [first] = legs;
    const from = shared.enter(first);
    const cook: CookLeg<TimedLeg> = (leg, watch) => {
      this.runLeg(leg, watch, leg === first ? from : 0);
      return leg.seconds;
    };
    return this.toTheEnd(legs, cook).end;
  }

  /**
   * Cooks timed legs from the present state until the core is past its peak, and a whole piece is carved.
   * @param watch sees every step, the rest's too, s from the first of the legs
   */
  endOf(legs: readonly TimedLeg[], watch?: (seconds: number) => void): CookEnd {
    return this.endingOf(legs, watch).end;
  }

  /** The same, with the cook as it goes to rest. */
  endingOf(legs: readonly TimedLeg[], watch?: (seconds: number) => void): Ending {
    const cook: CookLeg<TimedLeg> = (leg, seen) => {
      this.runLeg(leg, seen);
      return leg.seconds;
    };
    return this.toTheEnd(legs, cook, watch);
  }

  /** Cooks legs one after another, then rests; the core's peak after the last unknown leg. */
  private toTheEnd<L extends Leg>(
    legs: readonly L[],
    cook: CookLeg<L>,
    watch?: (seconds: number) => void,
  ): Ending {
    const { solver } = this;
    const last = legs.findLastIndex(({ unknownShare: share }) => share > 0);
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
      passed += cook(leg, seen);
      if (i <= last) pullCore = solver.core;
    });
    const toRest = this.recorded && this.snapshot();
    const rest = this.restToPeak(
      watch &&
        ((t) => {
          watch(passed + t);
          return false;
        }),
    );
    const [peak, peakAfter] =
      rest.celsius >= highest ? [rest.celsius, rest.after] : [highest, highestAt - passed];
    const carve = carvingAfter(this.request);
    const [reached, reachedAfter] = carve === undefined ? [peak, peakAfter] : [rest.carved, carve];
    return { end: { pullCore, reached, reachedAfter, peak, peakAfter }, toRest };
  }
}
