import { modelOf, type PlanRequest } from './request';
import { DEFAULT_PAN, NOMINAL_KITCHEN, type KitchenDeviation, type PanOnBurner } from '../gear';
import { inKitchen } from './inKitchen';
import {
  browningGoal,
  browningIndex,
  DISPLAY_COLUMNS,
  faceArea,
  KITCHEN_AIR,
  runFor,
  SEARCH_STEP_CONTROL,
  SLAB,
  solverFor,
  type Observer,
  type PieceSnapshot,
  type PieceSolver,
} from '../heat';
import type { CookEnd } from './cookEnd';
import { legsOf, type Heat, type Leg } from './legs';
import { CookPlaces, type PlacesSnapshot } from './cookPlaces';
import type { PieceInSurroundings } from './legSurroundings';
import { LONGEST_RENDER, LONGEST_SEAR, SHORTEST_RENDER, SHORTEST_SEAR } from './longest';
import { pieceOf, pieceInSurroundings, shapeOf } from './pieceOf';
import { restToPeak, type RestPeak } from './restToPeak';
import { timedFor, retimed, legSeconds, turningSeconds, type TimedLeg } from './timedLeg';

export interface WayCookOptions {
  /** Columns of the section; absent solves in one dimension with the lateral correction. */
  readonly columns?: number | undefined;
  /** How the kitchen differs from the one the request is for; absent: not at all. */
  readonly deviation?: KitchenDeviation;
  readonly pan?: PanOnBurner;
  /** Lateral area ratio of a piece solved in one dimension; absent: by rule. */
  readonly lateralAreaRatio?: number | undefined;
}

/** What a cook gives with its unknown at a value. */
export interface WayRun {
  readonly value: number;
  readonly legs: readonly TimedLeg[];
  readonly end: CookEnd;
  /** Browning index of the first face down and the other, at the core's peak. */
  readonly faces: readonly [number, number];
}

/** A cook at a moment: its piece, and what its pan and its board have been through. */
export interface CookSnapshot {
  readonly piece: PieceSnapshot;
  readonly places: PlacesSnapshot;
}

/** The legs before the unknown, as they were cooked, and the cook after them. */
interface Opening {
  readonly legs: readonly TimedLeg[];
  readonly after: CookSnapshot;
}

/**
 * One piece on its way through a cook with one unknown, run as often as a search needs. A run
 * depends on its arguments alone: what comes before the unknown is cooked once and kept only
 * because it is the same for every value.
 */
export class WayCook {
  readonly solver: PieceSolver;
  readonly legs: readonly Leg[];
  private readonly placed: PieceInSurroundings;
  /** The request as it turns out in the kitchen: the piece as thick and as warm as it really is. */
  readonly request: PlanRequest;
  private readonly places: CookPlaces;
  private readonly begin: CookSnapshot;
  private readonly firstUnknown: number;
  private opened: Opening | undefined;

  constructor(
    stated: PlanRequest,
    {
      columns,
      deviation = NOMINAL_KITCHEN,
      pan = DEFAULT_PAN,
      lateralAreaRatio: lateralAreaRatio,
    }: WayCookOptions = {},
  ) {
    const request = inKitchen(stated, deviation);
    this.request = request;
    const flat = columns === undefined;
    const piece = pieceOf(request, flat ? SLAB : shapeOf(request));
    const model = modelOf(request);
    const coarse = columns !== undefined && columns < DISPLAY_COLUMNS;
    this.solver = solverFor(piece, {
      model,
      ...(flat ? {} : { columns }),
      ...(coarse ? { control: SEARCH_STEP_CONTROL } : {}),
    });
    const placed = pieceInSurroundings(request, flat, pan);
    this.placed =
      lateralAreaRatio === undefined ? placed : { ...placed, lateralAreaRatio: lateralAreaRatio };
    this.places = new CookPlaces(this.placed, deviation, faceArea(this.solver.section));
    this.legs = legsOf(request);
    this.firstUnknown = this.legs.findIndex(({ unknownShare: share }) => share > 0);
    this.stand({ on: 'counter', air: KITCHEN_AIR }, request.temper);
    this.begin = this.snapshot();
  }

  /** Lateral area ratio that stands for the edges of a piece solved without them. */
  get lateralAreaRatio(): number {
    return this.placed.lateralAreaRatio;
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
    this.opened = { legs, after: this.snapshot() };
    return this.opened;
  }

  /** The cook as it is now. */
  snapshot(): CookSnapshot {
    const made = { piece: this.solver.snapshot(), places: this.places.snapshot() };
    this.solver.save(made.piece);
    this.places.save(made.places);
    return made;
  }

  /** Puts the cook back to a moment. */
  restore(from: CookSnapshot): void {
    this.solver.restore(from.piece);
    this.places.restore(from.places);
  }

  private stand(heat: Heat, seconds: number, watch?: Observer): number {
    return runFor(this.solver, this.places.enter(heat), seconds, watch);
  }

  /**
   * Cooks a leg from the present state: as long as its crust wants, or as the unknown says.
   * @param before the legs that were cooked before it
   */
  cookLeg(leg: Leg, value: number, before: readonly TimedLeg[], watch?: Observer): TimedLeg {
    if (leg.browningGoal !== undefined) return this.sear(leg, leg.browningGoal, watch);
    const timed = timedFor(leg, legSeconds(leg, value), turningSeconds(before));
    this.runLeg(timed, watch);
    return timed;
  }

  /** Cooks a leg until its crust is there, within the shortest and the longest it may last. */
  private sear(leg: Leg, crust: number, watch?: Observer): TimedLeg {
    const { solver } = this;
    const renders = leg.heat.on === 'cold-pan';
    const [shortest, longest] = renders
      ? [SHORTEST_RENDER, LONGEST_RENDER]
      : [SHORTEST_SEAR, LONGEST_SEAR];
    const around = this.places.enter(leg.heat);
    const goal = browningGoal(crust, shortest);
    const seconds = runFor(solver, around, longest, watch, goal);
    const reached = goal.of(solver) >= crust - 2 * goal.tolerance;
    if (leg.thenFlip) this.turn();
    return { ...timedFor(leg, seconds), ...(reached ? {} : { cutShort: true as const }) };
  }

  /** Runs a leg with its turns. `watch` counts from the leg's start. */
  runLeg({ heat, seconds, flips }: TimedLeg, watch?: Observer): void {
    const { solver } = this;
    const around = this.places.enter(heat);
    let from = 0;
    for (const flip of [...flips, Infinity]) {
      const until = Math.min(flip, seconds);
      const start = from;
      if (until > from) runFor(solver, around, until - from, watch && ((t) => watch(start + t)));
      from = until;
      if (flip <= seconds) this.turn();
    }
  }

  private turn(): void {
    this.solver.flip();
    this.places.turned();
  }

  /** The iron under the piece, C, while it lies on a pan that it cools. */
  get floor(): number | undefined {
    return this.places.floor;
  }

  /** Puts the piece back to before the heat. */
  reset(): void {
    this.restore(this.begin);
  }

  /** It rests with the face that was seared first up, however often it was turned. */
  private layDown(): void {
    if (!this.solver.flipped) this.solver.flip();
  }

  /** Rests from the present state until the core is past its peak. */
  restToPeak(watch?: Observer): RestPeak {
    this.layDown();
    const rest = this.places.enter({ on: 'rest', cover: this.request.cover });
    return restToPeak(this.solver, rest, watch);
  }

  /** Rests for a fixed time. */
  rest(seconds: number, watch?: Observer): void {
    this.layDown();
    this.stand({ on: 'rest', cover: this.request.cover }, seconds, watch);
  }

  /** Cooks with the unknown at `value`, each sear as long as its crust wants. */
  run(value: number): WayRun {
    const { solver } = this;
    const { legs: opening, after } = this.opening();
    this.restore(after);
    const legs = [...opening];
    const end = this.toTheEnd(this.legs.slice(this.firstUnknown), (leg, watch) => {
      const timed = this.cookLeg(leg, value, legs, watch);
      legs.push(timed);
      return timed.seconds;
    });
    const faces = [browningIndex(solver.browned(0)), browningIndex(solver.browned(1))] as const;
    return { value, legs, end, faces };
  }

  /** Cooks what `run` gave with the unknown at another value, its sears as long as they were. */
  endWith(run: WayRun, value: number): CookEnd {
    const { legs, after } = this.opening();
    this.restore(after);
    return this.endOf(retimed(run.legs, value).slice(legs.length));
  }

  /**
   * Cooks timed legs from the present state until the core is past its peak.
   * @param watch sees every step, the rest's too, s from the first of the legs
   */
  endOf(legs: readonly TimedLeg[], watch?: (seconds: number) => void): CookEnd {
    const cook = (leg: TimedLeg, seen?: Observer): number => {
      this.runLeg(leg, seen);
      return leg.seconds;
    };
    return this.toTheEnd(legs, cook, watch);
  }

  /** Cooks legs one after another, then rests; the core's peak after the last unknown leg. */
  private toTheEnd<L extends Leg>(
    legs: readonly L[],
    cook: (leg: L, watch?: Observer) => number,
    watch?: (seconds: number) => void,
  ): CookEnd {
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
}
