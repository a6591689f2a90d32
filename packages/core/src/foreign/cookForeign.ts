import { footprint, TISSUES } from '../food';
import { DEFAULT_PAN, BURNER_EFFICIENCY } from '../gear';
import { carvingAfter, cutOf, type CookPlan, type PlannedLeg } from '../plan';
import { ForeignBoard } from './foreignBoard';
import type { ForeignKitchen } from './foreignKitchen';
import { ForeignPan } from './foreignPan';
import { ForeignPiece, type ForeignFace, type ForeignFaces } from './foreignPiece';

/** End of the leg that was solved: by the plan's clock, or when the core is at the plan's pull. */
export type ForeignPull = 'clock' | 'core';

/** The solved leg of a plan followed beyond its end. Temperatures C, times s from the first heat. */
export interface ForeignTrace {
  /** Moments of the records. */
  readonly moments: readonly number[];
  /** Temperatures of the middle column at each moment, from the face that went down first to the other. */
  readonly middles: readonly Float64Array[];
  /** Times of a pull, ascending, and the end of the cook after each. */
  readonly pulls: readonly number[];
  readonly ends: readonly number[];
}

/** One cook of a plan in a foreign kitchen. Temperatures C, times s. */
export interface ForeignCook {
  /** Core as the solved leg ends; and its peak from then on, or of a whole piece the core when it is carved. */
  readonly pullCore: number;
  readonly end: number;
  /** Time until the pull. */
  readonly pullAt: number;
}

const CONTACT_AFTER_TURN = 0.6;
const TURN_SECONDS = 15;
const TENT_COEFFICIENT = 4;
/** Longest rest, s, and the fall of the core that ends it, K. */
const LONGEST_REST = 5400;
const FALLEN = 0.3;
/** A leg that waits for its core lasts at most this many times its plan. */
const LONGEST_SHARE = 3;

/** A piece of a plan in a foreign kitchen, cooked by its legs. */
export class ForeignCooking {
  readonly piece: ForeignPiece;
  private readonly pan: ForeignPan;
  private readonly board: ForeignBoard;
  private passed = 0;
  /** Time since a face was laid on the pan, s, and whether the last leg was there. */
  private touched = 0;
  private inPan = false;
  private sinceTurn = Infinity;

  constructor(
    private readonly plan: CookPlan,
    private readonly kitchen: ForeignKitchen,
  ) {
    const { request } = plan;
    const cut = cutOf(request);
    const { width, length } = footprint(cut, request.weight, request.thickness);
    const thickness = request.thickness + kitchen.thicknessOff;
    const start = request.start + kitchen.startOff;
    const { water } = TISSUES[cut.tissue];
    this.piece = new ForeignPiece({ width, length, thickness, start, water }, kitchen);
    const power = DEFAULT_PAN.power * BURNER_EFFICIENCY[DEFAULT_PAN.burner];
    this.pan = new ForeignPan({ ...DEFAULT_PAN, power }, kitchen, request.pan);
    this.board = new ForeignBoard(kitchen.room);
  }

  private get roomAir(): ForeignFace {
    const { room, roomVapour: vapour } = this.kitchen;
    return { kind: 'air', celsius: room, walls: room, coefficient: 6, vapour };
  }

  private onPan(): ForeignFaces {
    const { kitchen } = this;
    const { contact, contactLeft, contactTime, beside, besideCoefficient: coefficient } = kitchen;
    const settled = contactLeft + (1 - contactLeft) * Math.exp(-this.touched / contactTime);
    const turned = this.sinceTurn < TURN_SECONDS ? CONTACT_AFTER_TURN : 1;
    const air: ForeignFace = {
      ...{ kind: 'air', celsius: beside, walls: beside, coefficient },
      vapour: kitchen.roomVapour,
    };
    return {
      lower: {
        kind: 'contact',
        celsius: this.pan.celsius,
        coefficient: contact * settled * turned,
      },
      upper: { ...air, celsius: kitchen.room + 10, walls: kitchen.room },
      side: air,
    };
  }

  private inOven(dial: number): ForeignFaces {
    const { ovenOffset, ovenSwing, ovenPeriod, wallsOver, ovenCoefficient, ovenVapour } =
      this.kitchen;
    const celsius =
      dial + ovenOffset + ovenSwing * Math.sin((2 * Math.PI * this.passed) / ovenPeriod);
    const face: ForeignFace = {
      ...{ kind: 'air', celsius, walls: dial + ovenOffset + wallsOver },
      ...{ coefficient: ovenCoefficient, vapour: ovenVapour },
    };
    return { lower: face, upper: face, side: face };
  }

  private atRest(cover: 'open' | 'tent'): ForeignFaces {
    const open = this.roomAir;
    const air: ForeignFace =
      cover === 'open' || open.kind === 'contact'
        ? open
        : { ...open, celsius: 45, walls: 45, coefficient: TENT_COEFFICIENT, vapour: 5000 };
    const lower: ForeignFace = {
      ...{ kind: 'contact', celsius: this.board.top },
      coefficient: this.kitchen.boardContact,
    };
    return { lower, upper: air, side: air };
  }

  private facesOf(leg: PlannedLeg): ForeignFaces {
    if (leg.kind === 'oven') return this.inOven(leg.air ?? 0);
    if (leg.kind === 'board') {
      return leg.air === undefined
        ? this.atRest('tent')
        : this.inOven(leg.air - this.kitchen.ovenOffset);
    }
    return this.onPan();
  }

  private turn(): void {
    this.piece.turn();
    this.sinceTurn = 0;
    this.touched = 0;
  }

  private step(faces: ForeignFaces, dt: number, wanted: number | undefined): void {
    const drawn = this.piece.step(faces, dt);
    const onIron = faces.lower.kind === 'contact' && wanted !== undefined;
    this.pan.step(wanted ?? this.plan.request.pan, onIron ? drawn : 0, dt);
    this.passed += dt;
    this.touched += dt;
    this.sinceTurn += dt;
  }

  /**
   * Cooks a leg for its time, or until the core is at a temperature.
   * @param lasts s, if not for its time
   * @param see sees every step
   */
  private cookLeg(
    leg: PlannedLeg,
    until?: number,
    lasts = until === undefined ? leg.seconds : LONGEST_SHARE * leg.seconds,
    see?: () => void,
  ): void {
    const longest = this.piece.longestStep;
    const every = leg.kind === 'turns' ? this.plan.request.every : undefined;
    const flips = [...leg.flips];
    const inPan = leg.kind !== 'oven' && leg.kind !== 'board';
    if (!(inPan && this.inPan)) this.touched = 0;
    this.inPan = inPan;
    let at = 0;
    while (at < lasts - 1e-9) {
      if (until !== undefined && this.piece.core >= until) break;
      const dt = Math.min(longest, lasts - at);
      this.step(this.facesOf(leg), dt, leg.pan);
      at += dt;
      see?.();
      // A leg that continues beyond its plan is turned at the same interval.
      const next = flips.at(0) ?? (every === undefined ? Infinity : every * Math.ceil(at / every));
      if (at >= next - 1e-9 && at < lasts + 1e-9) {
        if (flips.length > 0) flips.shift();
        this.turn();
      }
    }
    const endsTurned = flips.length > 0 && leg.kind === 'sear';
    if (endsTurned) this.turn();
  }

  /** The leg that was solved. */
  private get decides(): number {
    const { legs, pullAt } = this.plan;
    return legs.findIndex(({ at, seconds }) => Math.abs(at + seconds - pullAt) < 1);
  }

  /** Copies the state of another cook of the same plan. */
  private takeFrom(other: ForeignCooking): void {
    this.piece.takeFrom(other.piece);
    this.pan.celsius = other.pan.celsius;
    this.board.takeFrom(other.board);
    this.passed = other.passed;
    this.touched = other.touched;
    this.inPan = other.inPan;
    this.sinceTurn = other.sinceTurn;
  }

  /** Cooks what follows the solved leg, and rests. @returns the end, C */
  private finish(): number {
    const { legs, request } = this.plan;
    let peak = -Infinity;
    legs.slice(this.decides + 1).forEach((leg) => {
      this.cookLeg(leg);
      peak = Math.max(peak, this.piece.core);
    });
    const carve = carvingAfter(request);
    const cover = request.cover === 'open' ? 'open' : 'tent';
    const dt = this.piece.longestStep;
    for (let t = 0; t < LONGEST_REST; t += dt) {
      const { core } = this.piece;
      peak = Math.max(peak, core);
      if (carve !== undefined && t >= carve) return core;
      if (carve === undefined && core < peak - FALLEN) break;
      const given = this.piece.step(this.atRest(cover), dt);
      this.board.step(-given / this.piece.faceArea, dt);
    }
    return peak;
  }

  /** Cooks the whole plan and rests it to its peak, or until it is carved. */
  cook(pull: ForeignPull): ForeignCook {
    const { legs, pullCore: wanted } = this.plan;
    const { decides } = this;
    legs.slice(0, decides).forEach((leg) => this.cookLeg(leg));
    this.cookLeg(legs[decides], pull === 'core' ? wanted : undefined);
    const [pullCore, pullAt] = [this.piece.core, this.passed];
    return { pullCore, end: this.finish(), pullAt };
  }

  /**
   * Follows the solved leg until the last pull.
   * @param every s between the records
   * @param pulls s from the first heat, ascending, within the solved leg or beyond it
   */
  trace(every: number, pulls: readonly number[]): ForeignTrace {
    const { legs } = this.plan;
    const { decides } = this;
    const moments: number[] = [];
    const middles: Float64Array[] = [];
    const ends: number[] = [];
    const pulledAt: number[] = [];
    const record = (): void => {
      if (this.passed < moments.length * every) return;
      moments.push(this.passed);
      middles.push(this.piece.middle);
    };
    record();
    legs.slice(0, decides).forEach((leg) => this.cookLeg(leg, undefined, undefined, record));
    const last = pulls[pulls.length - 1] - this.passed;
    this.cookLeg(legs[decides], undefined, last, () => {
      record();
      if (ends.length === pulls.length || this.passed < pulls[ends.length] - 1e-6) return;
      const pulled = new ForeignCooking(this.plan, this.kitchen);
      pulled.takeFrom(this);
      pulledAt.push(this.passed);
      ends.push(pulled.finish());
    });
    return { moments, middles, pulls: pulledAt, ends };
  }
}
