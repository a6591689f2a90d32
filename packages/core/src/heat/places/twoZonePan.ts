import { ESTIMATES } from '../matter/estimates';
import { CAPACITY_IRON, CONDUCTIVITY_IRON, DENSITY_IRON, ironLoss, WALL_HEIGHT } from './iron';
import { KITCHEN_AIR } from './kitchenAir';

/** Local alias for hot loops. */
const { max, min } = Math;

/** A pan of cast iron and what its burner can put into it. */
export interface Iron {
  /** kg */
  readonly mass: number;
  /** Of the cooking floor, m. */
  readonly diameter: number;
  /** Net power into the iron at full, W. */
  readonly power: number;
}

/**
 * Burner habit when food goes in: left where it held the empty pan, turned up to hold the pan's temperature, or at
 * full throughout.
 */
export const KNOBS = ['left', 'up', 'full'] as const;
export type BurnerControl = (typeof KNOBS)[number];

/** Part of the pan on which a piece is turned: free iron, or the same spot. */
export const TURN_SPOTS = ['fresh', 'same'] as const;
export type TurnSpot = (typeof TURN_SPOTS)[number];

/** Degrees under the wanted heat at which a knob that is turned up is at full, K. Estimate. */
const TURNED_UP_BAND = 15;
/** The food covers at most this share of the floor: iron is always free round it. */
const MOST_COVERED = 0.92;
/** Longest step taken at once, s: the floor under the food follows in half a minute. */
const LONGEST_STEP = 2;

/** A place to keep a pan's state. */
export type PanSnapshot = Float64Array;

/**
 * A pan in two zones: the floor under the food, and the rest, its wall included. The burner heats the
 * floor evenly; the zones give heat to each other through the floor, to the kitchen by their surfaces,
 * and the food draws on the first:
 *
 *   mu c dTu/dt = s P - (1 - f) Au q(Tu) - G (Tu - Tr) - food
 *   mr c dTr/dt = (1 - s) P - (Ar - f Af) q(Tr) - G (Tr - Tu)
 *
 * with s the share of the floor that is covered, and G = 2 pi k t / ln(rm / rs) from the rim of the
 * covered disc to the middle of the ring round it. The underside (Au, and Af of the rest) loses heat as far
 * as the burner is turned down: at full, f = P / full = 1, its loss is in the burner's efficiency.
 */
export class TwoZonePan {
  /** Under the food, and the rest, C. */
  under: number;
  rest: number;
  /** Temperature for which the burner is set, C. */
  private set: number;
  /** Share of full that the knob is never turned beyond: below one while a cold pan comes up. */
  private most = 1;
  /** Share of full power set by hand, which overrides the burner habit; undefined: by the habit. */
  setting: number | undefined;
  /** J/K of each zone, W/K between them, m2 that lose heat. */
  private readonly capacityUnder: number;
  private readonly capacityRest: number;
  private readonly lateral: number;
  private readonly surfaceUnder: number;
  private readonly surfaceRest: number;
  private readonly undersideRest: number;
  private readonly covered: number;
  /** Share of the covered floor that a turn finds fresh. */
  private readonly fresh: number;

  /**
   * @param foodArea of all pieces on the iron, m2
   * @param start C, the whole pan; the knob is set for it
   */
  constructor(
    readonly iron: Iron,
    foodArea: number,
    start: number,
    readonly knob: BurnerControl = 'up',
    spot: TurnSpot = 'fresh',
    readonly kitchen = KITCHEN_AIR,
  ) {
    const { mass, diameter } = iron;
    const floor = (Math.PI / 4) * diameter * diameter;
    const covered = min(MOST_COVERED, foodArea / floor);
    const floorMass = ESTIMATES.floorShare.value * mass;
    const thickness = floorMass / (DENSITY_IRON * floor);
    const edge = Math.sqrt(covered);
    this.covered = covered;
    this.capacityUnder = covered * floorMass * CAPACITY_IRON;
    this.capacityRest = mass * CAPACITY_IRON - this.capacityUnder;
    this.lateral =
      (2 * Math.PI * CONDUCTIVITY_IRON * thickness) / Math.log((edge + 1) / (2 * edge));
    this.surfaceUnder = covered * floor;
    this.undersideRest = (1 - covered) * floor;
    this.surfaceRest = 2 * this.undersideRest + Math.PI * diameter * WALL_HEIGHT;
    this.fresh = spot === 'same' ? 0 : min(1, (1 - covered) / covered);
    this.under = start;
    this.rest = start;
    this.set = start;
  }

  /** Sets the knob for another heat, C. */
  setFor(celsius: number): void {
    this.set = celsius;
    this.most = 1;
  }

  /** Comes up to a heat with the food in it, at no more than a share of full, and holds it. */
  comeUpTo(celsius: number, most: number): void {
    this.set = celsius;
    this.most = most;
  }

  /** Temperature of the whole pan, C. */
  get mean(): number {
    const { capacityUnder, capacityRest } = this;
    return (capacityUnder * this.under + capacityRest * this.rest) / (capacityUnder + capacityRest);
  }

  /** Brings the whole pan to a heat again, as before the food first went in, C. */
  bringTo(celsius: number): void {
    this.under = celsius;
    this.rest = celsius;
    this.setFor(celsius);
  }

  /**
   * Power that keeps the empty pan at a temperature, W, which a burner left alone gives. It covers the loss of the
   * upper side and the wall, and of the underside in proportion to its reduction from full.
   */
  private held(celsius: number): number {
    const loss = ironLoss(celsius, this.kitchen);
    const all = (this.surfaceUnder * 2 + this.surfaceRest) * loss;
    const underside = (this.surfaceUnder + this.undersideRest) * loss;
    return all / (1 + underside / this.iron.power);
  }

  /** Share of the underside's loss that is in the burner's efficiency. */
  private lit(power: number): number {
    return this.iron.power > 0 ? min(1, power / this.iron.power) : 0;
  }

  /** Present power of the burner, W. */
  get power(): number {
    if (this.setting !== undefined) return this.setting * this.iron.power;
    const full = this.iron.power * this.most;
    if (this.most === 1 && this.knob === 'full') return full;
    const steady = min(full, this.held(this.set));
    if (this.most === 1 && this.knob === 'left') return steady;
    const floor = this.covered * this.under + (1 - this.covered) * this.rest;
    const more = ((this.set - floor) / TURNED_UP_BAND) * (full - steady);
    return max(0, min(full, steady + more));
  }

  /** @param drawn by the food, W */
  follow(seconds: number, drawn: number): void {
    for (let left = seconds; left > 1e-9; left -= LONGEST_STEP) {
      this.step(min(left, LONGEST_STEP), drawn);
    }
  }

  private step(dt: number, drawn: number): void {
    const { under, rest } = this;
    const power = this.power;
    const towardsUnder = this.slopeUnder(under, rest, power, drawn);
    const towardsRest = this.slopeRest(under, rest, power);
    const midUnder = under + (towardsUnder * dt) / 2;
    const midRest = rest + (towardsRest * dt) / 2;
    this.under = under + this.slopeUnder(midUnder, midRest, power, drawn) * dt;
    this.rest = rest + this.slopeRest(midUnder, midRest, power) * dt;
  }

  private slopeUnder(under: number, rest: number, power: number, drawn: number): number {
    const lost = (1 - this.lit(power)) * this.surfaceUnder * ironLoss(under, this.kitchen);
    const across = this.lateral * (under - rest);
    return (this.covered * power - lost - across - drawn) / this.capacityUnder;
  }

  private slopeRest(under: number, rest: number, power: number): number {
    const lost =
      (this.surfaceRest - this.lit(power) * this.undersideRest) * ironLoss(rest, this.kitchen);
    const across = this.lateral * (rest - under);
    return ((1 - this.covered) * power - lost - across) / this.capacityRest;
  }

  /** The pieces are turned: onto iron that lay free, as far as there is any, or onto the same spot. */
  turn(): void {
    const { under, rest, fresh } = this;
    this.under = under + fresh * (rest - under);
    this.rest = rest + ((fresh * this.capacityUnder) / this.capacityRest) * (under - rest);
  }

  snapshot(): PanSnapshot {
    return new Float64Array(4);
  }

  save(to: PanSnapshot): void {
    to[0] = this.under;
    to[1] = this.rest;
    to[2] = this.set;
    to[3] = this.most;
  }

  restore(from: PanSnapshot): void {
    this.under = from[0];
    this.rest = from[1];
    this.set = from[2];
    this.most = from[3];
  }
}
