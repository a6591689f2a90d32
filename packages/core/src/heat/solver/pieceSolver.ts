import { conductedPower } from './conductedPower';
import { LATENT_BOILING } from '../matter/constants';
import type { Surroundings } from '../places/surroundings';
import type { FaceLine } from './faceLine';
import { afterMelting, MELTS_FROM, MELTS_TO } from '../matter/fatMelting';
import { fillCoefficients } from './fillCoefficients';
import { giveBack } from './giveBack';
import type { HeatModel } from '../matter/heatModel';
import { LEFT_IN_CRUST, limitVapour } from './limitVapour';
import { MatterChanges } from './matterChanges';
import type { Matter } from '../matter/matter';
import { meanRise } from '../matter/meanRise';
import type { PieceSnapshot } from './pieceSnapshot';
import { PieceState } from './pieceState';
import { CHOI_OKOS, integrate, PROPERTY_CEILING } from '../../food';
import type { Section } from '../matter/section';
import { StepArrays } from './stepArrays';
import {
  DEFAULT_STEP_CONTROL,
  FIRST_STEP,
  IMPLICIT,
  SHORTEST_STEP,
  STEP_GROWTH,
  type StepControl,
} from './stepControl';
import { StepError } from './stepError';
import { HELD, Sweep } from './sweep';
import { latentHeat } from '../matter/vapour';
import { PieceBounds } from './pieceBounds';

/** Local alias for hot loops. */
const { max, min, sqrt } = Math;

const WATER_CAPACITY = CHOI_OKOS.water.capacity;
const [, W1, W2] = WATER_CAPACITY;
/** A cell this near to dry is dry, kg/m3. */
const NEARLY_DRY = 1e-6;
/** Most times that vapour is limited in a step. */
const LIMITING = 3;
/** Error assumed of a first step, whose predecessor is missing, over its allowance. */
const UNKNOWN_ERROR = 0.5;

/**
 * Implicit finite-volume solver of a piece between its surroundings: a slab, a long section or a round one.
 *
 * A step is implicit, in delta form, factored by direction (Douglas & Gunn 1964):
 *
 *   (C/dt - f Az) u = P,   (C/dt - f Ax) v = (C/dt) u,   T + v
 *
 * with P the net power into each cell at the step's start, Az and Ax conduction along columns and rows, and f the
 * implicitness (`IMPLICIT`). Each factor is a set of tridiagonal lines; both are exact at rest, and the flux across
 * each face telescopes, so that the heat balance closes. A slab has one column and needs only the first factor. Wet
 * cells at boiling are held there and spend their gain on evaporation (`Sweep`), therefore boiling needs no fitted
 * source. A step allocates nothing.
 */
export class PieceSolver extends PieceState {
  /** Power into the piece through its lower face in the last step, W in the section's measure. */
  lowerPower = 0;

  private readonly arrays: StepArrays;
  private readonly rate: Float64Array;
  private readonly error: StepError;
  private readonly bounds: PieceBounds;
  private readonly alongColumns: Sweep;
  private readonly alongRows: Sweep;
  /** The change a step ends with: the columns' own, or the rows' where there are several. */
  private readonly change: Float64Array;
  private readonly changes: MatterChanges;
  private step = FIRST_STEP;
  private hasRate = false;

  constructor(
    section: Section,
    matter: Matter,
    start: number,
    film = 0,
    private readonly control: StepControl = DEFAULT_STEP_CONTROL,
    model?: HeatModel,
  ) {
    super(section, matter, start, film, model);
    const { rows, columns, count } = this;
    const arrays = new StepArrays(count, this.volume);
    this.arrays = arrays;
    this.rate = new Float64Array(count);
    this.error = new StepError(this, control);
    this.bounds = new PieceBounds(this);
    this.alongColumns = new Sweep(
      { lines: columns, length: rows, lineStride: rows, stride: 1 },
      arrays,
      arrays.upward,
      arrays.sink,
      arrays.swept,
    );
    this.alongRows = new Sweep(
      { lines: rows, length: columns, lineStride: 1, stride: rows },
      arrays,
      arrays.sideways,
      arrays.edgeSink,
      arrays.change,
    );
    this.change = columns === 1 ? arrays.swept : arrays.change;
    this.changes = new MatterChanges(this, arrays);
  }

  override flip(): void {
    super.flip();
    this.disturb();
  }

  override save(to: PieceSnapshot): void {
    super.save(to);
    to.rate.set(this.rate);
    to.scalars[8] = this.step;
    to.scalars[9] = this.hasRate ? 1 : 0;
  }

  override restore(from: PieceSnapshot): void {
    super.restore(from);
    this.changes.restored();
    this.rate.set(from.rate);
    this.step = from.scalars[8];
    this.hasRate = from.scalars[9] === 1;
    this.nothingBoils();
  }

  /** Call when the surroundings change: time steps start small again. */
  disturb(): void {
    this.step = FIRST_STEP;
    this.hasRate = false;
    this.nothingBoils();
  }

  private nothingBoils(): void {
    this.arrays.held.fill(0);
    this.arrays.boil.fill(0);
  }

  /**
   * Advances by one accepted step of at most `limit` seconds.
   * @returns the seconds advanced, always above zero
   */
  advance(around: Surroundings, limit: number): number {
    fillCoefficients(this, this.arrays);
    this.bounds.prepare(this, around, this.arrays);
    this.netPower();
    let dt = min(this.step, this.control.longest);
    dt = min(max(dt, SHORTEST_STEP), limit);
    // A sliver left before the limit would cost a whole step: stretch or split instead.
    if (limit - dt < 0.5 * dt && limit > dt) dt = dt < 0.75 * limit ? limit / 2 : limit;
    let error = this.solve(dt);
    while (error > 2 && dt > SHORTEST_STEP) {
      dt = max(SHORTEST_STEP, dt / min(4, sqrt(error) * 1.2));
      error = this.solve(dt);
    }
    // A face that evaporates less gets warmer, and would evaporate more: the limit is found in some passes.
    for (let pass = 0; pass < LIMITING; pass += 1) {
      if (!limitVapour(this, this.bounds, this.arrays, this.change, dt)) break;
      this.netPower();
      error = this.solve(dt);
    }
    this.commit(dt);
    const factor = error > 0 ? min(STEP_GROWTH, max(0.4, 0.9 / sqrt(error))) : STEP_GROWTH;
    this.step = max(SHORTEST_STEP, dt * factor);
    return dt;
  }

  /** Net power into every cell in the present state, and the slopes of the vapour flux. */
  private netPower(): void {
    this.arrays.sink.fill(0);
    this.arrays.edgeSink.fill(0);
    conductedPower(this, this.arrays);
    this.bounds.addPower(this, this.arrays);
  }

  /** Solves for the change over `dt`; returns the error over its allowance (1 is just right). */
  private solve(dt: number): number {
    const { temperature, water, count } = this;
    const { power, swept, lateral, boil, capacity } = this.arrays;
    boil.fill(0);
    const { lower: first, upper: last } = this.bounds;
    this.alongColumns.run(temperature, water, power, first.conductance, last.conductance, dt);
    if (this.columns > 1) {
      for (let c = 0; c < count; c += 1) lateral[c] = (capacity[c] / dt) * swept[c];
      const [rightEdge, leftEdge] = this.bounds.edges;
      this.alongRows.run(
        temperature,
        water,
        lateral,
        leftEdge === undefined ? null : leftEdge.conductance,
        rightEdge.conductance,
        dt,
      );
    }
    return this.hasRate ? this.error.of(this.arrays, this.change, this.rate, dt) : UNKNOWN_ERROR;
  }

  private commit(dt: number): void {
    const { temperature, water, peak, rate, change, count, volume, matter } = this;
    const { capacity, held, boil } = this.arrays;
    const [, s1, s2] = matter.solids;
    const melts = this.model.fatMelts;
    const { lower, upper, edges } = this.bounds;
    for (let c = 0; c < count; c += 1) {
      if (boil[c] > 0) this.boilAway(c, (boil[c] / LATENT_BOILING) * dt);
    }
    this.settleFace(lower, this.arrays.swept, dt);
    this.settleFace(upper, this.arrays.swept, dt);
    for (const edge of edges) this.settleFace(edge, change, dt);
    this.crusts.beforeStep();
    for (let c = 0; c < count; c += 1) {
      const before = temperature[c];
      let after = before + change[c];
      // Slope of the capacity with temperature, so that enthalpy is conserved to second order.
      const rise = held[c] === HELD ? 0 : meanRise(before, after);
      if (rise !== 0) {
        const t = min(before, PROPERTY_CEILING);
        const slope = volume[c] * (s1[c] + 2 * s2[c] * t + water[c] * (W1 + 2 * W2 * t));
        after = before + change[c] / (1 + (slope * rise) / capacity[c]);
      }
      if (melts && after > MELTS_FROM && before < MELTS_TO) {
        after = afterMelting(matter.fat[c] * volume[c], capacity[c], before, after);
      }
      rate[c] = (after - before) / dt;
      temperature[c] = after;
      if (after > peak[c]) peak[c] = after;
      if (water[c] < NEARLY_DRY && water[c] > 0) water[c] = 0;
    }
    this.hasRate = true;
    this.crusts.add(dt);
    this.sinceTurn += dt;
    this.changes.follow(dt);
  }

  /** Books what crossed a face and takes its vapour, at the temperatures its own factor ended with. */
  private settleFace(face: FaceLine, moved: Float64Array, dt: number): void {
    const { temperature } = this;
    let power = 0;
    for (let p = 0; p < face.count; p += 1) {
      const c = face.outer[p];
      power += face.conductance[p] * (face.temperature[p] - temperature[c] - IMPLICIT * moved[c]);
      const wet = face.wetCell[p];
      if (wet < 0) continue;
      const at = temperature[wet] + IMPLICIT * moved[wet];
      const flow = face.vapourConstant[p] + face.vapourSlope[p] * at;
      this.evaporate(face, p, flow * dt, latentHeat(temperature[wet]));
    }
    this.heatIn += power * dt;
    if (face === this.bounds.lying(this.flipped)) this.lowerPower = power;
  }

  /** Takes what boils in a step out of a cell, kg; what it lacks comes back as heat. */
  private boilAway(c: number, mass: number): void {
    const lacks = this.takeWater(c, mass, LATENT_BOILING);
    this.boiled[this.exits.of[c]] += mass - lacks;
    if (lacks > 0) giveBack(this, this.change, c, lacks * LATENT_BOILING);
  }

  /**
   * Takes a face's vapour of a step, kg, from its wet cell, and once that is dry from the next inward:
   * the front moves on within the step. What the whole line lacks comes back as heat.
   */
  private evaporate(
    { outer, wetCell, inward, depth, exit }: FaceLine,
    p: number,
    mass: number,
    latent: number,
  ): void {
    const wet = wetCell[p];
    const far = outer[p] + depth * inward;
    const leaves = this.model.frontInCell ? LEFT_IN_CRUST : 0;
    let lacks = mass;
    for (let c = wet; c !== far && lacks !== 0; c += inward) {
      lacks = this.takeWater(c, lacks, latent, leaves * this.full[c]);
    }
    this.dried[exit[p]] += max(0, mass - lacks);
    if (lacks > 0) giveBack(this, this.change, wet, lacks * latent, inward, far);
  }

  /**
   * Takes water out of a cell as vapour, kg; below zero it condenses there.
   * @param stays what is left in it at least, kg/m3
   * @returns what it lacks, kg
   */
  private takeWater(c: number, wanted: number, latent: number, stays = 0): number {
    const { temperature, water, volume, change } = this;
    const holds = max(0, (water[c] - stays) * volume[c]);
    const lacks = wanted > holds ? wanted - holds : 0;
    const mass = wanted - lacks;
    water[c] = lacks > 0 ? min(water[c], stays) : max(0, water[c] - mass / volume[c]);
    this.evaporated += mass;
    this.heatOut += mass * (latent + integrate(WATER_CAPACITY, temperature[c] + change[c]));
    return lacks;
  }
}
