import {
  BROWNING_DEPTH,
  BROWNING_REFERENCE,
  BROWNING_TENFOLD,
  CRUST_WATER_SHARE,
} from './constants';
import type { Matter } from './matter';
import { CHOI_OKOS, integrate, integrateTerms } from '../food/properties';
import { midline, type Midline } from './midline';
import type { Section } from './section';

/** Hoisted: a global is looked up at every use. */
const { abs, exp, max, min } = Math;

const BROWNING_RATE = Math.LN10 / BROWNING_TENFOLD;
const WATER_CAPACITY = CHOI_OKOS.water.capacity;

/** A face of the piece: 0 went down first, 1 is the other. */
export type Side = 0 | 1;

/** A place to keep a piece's state, made once by `PieceState.snapshot`. */
export interface PieceSnapshot {
  readonly temperature: Float64Array;
  readonly water: Float64Array;
  readonly peak: Float64Array;
  readonly browning: readonly [Float64Array, Float64Array];
  /** heatIn, heatOut, evaporated, flipped. */
  readonly scalars: Float64Array;
}

/**
 * A piece as a section of cells: what it holds, what it has been through, and the ledger of heat
 * and water that crossed its faces. Row 0 is the face that went down first, whichever way the
 * piece lies now: a flip turns the surroundings over, not the arrays.
 */
export class PieceState {
  readonly rows: number;
  readonly columns: number;
  readonly count: number;
  readonly temperature: Float64Array;
  /** Water, kg/m3; a surface film is counted in the outermost cell. */
  readonly water: Float64Array;
  /** Highest temperature each cell has had, C. */
  readonly peak: Float64Array;
  /** Volume of each cell, in the section's measure. */
  readonly volume: Float64Array;
  /** Volume of the whole section. */
  readonly whole: number;
  /** Browning integral along each face, s at 150 C, a value per column. */
  readonly browning: readonly [Float64Array, Float64Array];
  /** Energy through the faces so far, J in the section's measure. */
  heatIn = 0;
  /** Energy gone with vapour so far, liquid enthalpy above 0 C included. */
  heatOut = 0;
  /** Water gone as vapour so far, kg in the section's measure. */
  evaporated = 0;
  /** Whether the face that went down first is up now. */
  flipped = false;

  private readonly line: Midline;
  /** Outer temperature along each face before the step, C. */
  private readonly outerBefore: readonly [Float64Array, Float64Array];
  private readonly firstEnergy: number;
  private readonly firstMass: number;

  /**
   * @param start temperature of every cell, C
   * @param film water lying on each face, kg/m2; below zero, water dried out of it beforehand
   */
  constructor(
    readonly section: Section,
    readonly matter: Matter,
    start: number,
    film = 0,
  ) {
    const { heights, area } = section;
    this.rows = heights.length;
    this.columns = area.length;
    const n = this.rows * this.columns;
    this.count = n;
    this.temperature = new Float64Array(n).fill(start);
    this.water = matter.water.slice();
    this.peak = new Float64Array(n).fill(start);
    this.volume = new Float64Array(n);
    for (let c = 0; c < n; c += 1) {
      this.volume[c] = area[Math.floor(c / this.rows)] * heights[c % this.rows];
    }
    this.whole = this.volume.reduce((total, volume) => total + volume, 0);
    this.browning = [new Float64Array(this.columns), new Float64Array(this.columns)];
    this.outerBefore = [new Float64Array(this.columns), new Float64Array(this.columns)];
    this.line = midline(section);
    for (let j = 0; j < this.columns; j += 1) {
      this.wet(j * this.rows, 1, film);
      this.wet((j + 1) * this.rows - 1, -1, film);
    }
    this.firstEnergy = this.energy();
    this.firstMass = this.mass();
  }

  /** Lays a film on a face's cell, or dries the cells under it from outside in. */
  private wet(outer: number, inward: 1 | -1, film: number): void {
    const { heights } = this.section;
    const base = outer - (outer % this.rows);
    let left = film;
    for (let c = outer, k = 0; k < this.rows / 2 && left !== 0; c += inward, k += 1) {
      const height = heights[c - base];
      const change = left > 0 ? left : max(left, -this.water[c] * height);
      this.water[c] = max(0, this.water[c] + change / height);
      left -= change;
    }
  }

  /** The face that lies down, and the one that looks up. */
  get lowerSide(): Side {
    return this.flipped ? 1 : 0;
  }

  get upperSide(): Side {
    return this.flipped ? 0 : 1;
  }

  /** Temperature at the centre: mid-thickness on the mid-line, C. */
  get core(): number {
    const { cells, weights } = this.line;
    let sum = 0;
    for (let k = 0; k < cells.length; k += 1) sum += weights[k] * this.temperature[cells[k]];
    return sum;
  }

  /** Temperature of the lower face's outermost cell on the mid-line, C. */
  get surface(): number {
    return this.temperature[this.outerCell(this.lowerSide)];
  }

  /** The coldest cell of what is eaten, bone left out, C: the point lethality is counted at. */
  get coldest(): number {
    const { contact } = this.matter;
    let least = Infinity;
    for (let c = 0; c < this.count; c += 1) {
      if (this.temperature[c] < least && contact[Math.floor(c / this.rows)] === 1)
        least = this.temperature[c];
    }
    return least;
  }

  /** Turns the piece over. */
  flip(): void {
    this.flipped = !this.flipped;
  }

  /** The outermost cell of a face on the mid-line. */
  private outerCell(side: Side): number {
    return this.section.middle * this.rows + (side === 0 ? 0 : this.rows - 1);
  }

  /** Browning integral of a face on the mid-line, s at 150 C. */
  browned(side: Side): number {
    return this.browning[side][this.section.middle];
  }

  /**
   * Crust of a face on the mid-line, m: cells from the face inward whose water is under a tenth of
   * the first.
   */
  crust(side: Side): number {
    const base = this.section.middle * this.rows;
    let depth = 0;
    for (let k = 0; k < this.rows; k += 1) {
      const i = side === 0 ? k : this.rows - 1 - k;
      if (this.water[base + i] >= CRUST_WATER_SHARE * this.matter.water[base + i]) break;
      depth += this.section.heights[i];
    }
    return depth;
  }

  snapshot(): PieceSnapshot {
    return {
      temperature: new Float64Array(this.count),
      water: new Float64Array(this.count),
      peak: new Float64Array(this.count),
      browning: [new Float64Array(this.columns), new Float64Array(this.columns)],
      scalars: new Float64Array(4),
    };
  }

  save(to: PieceSnapshot): void {
    to.temperature.set(this.temperature);
    to.water.set(this.water);
    to.peak.set(this.peak);
    to.browning[0].set(this.browning[0]);
    to.browning[1].set(this.browning[1]);
    to.scalars[0] = this.heatIn;
    to.scalars[1] = this.heatOut;
    to.scalars[2] = this.evaporated;
    to.scalars[3] = this.flipped ? 1 : 0;
  }

  restore(from: PieceSnapshot): void {
    this.temperature.set(from.temperature);
    this.water.set(from.water);
    this.peak.set(from.peak);
    this.browning[0].set(from.browning[0]);
    this.browning[1].set(from.browning[1]);
    this.heatIn = from.scalars[0];
    this.heatOut = from.scalars[1];
    this.evaporated = from.scalars[2];
    this.flipped = from.scalars[3] === 1;
  }

  /** Mass, kg in the section's measure, a film included. */
  mass(): number {
    let sum = 0;
    for (let c = 0; c < this.count; c += 1) {
      sum += this.volume[c] * (this.matter.density[c] + this.water[c] - this.matter.water[c]);
    }
    return sum;
  }

  /** Share of the first mass gone as vapour. */
  get evaporatedShare(): number {
    return this.evaporated / this.firstMass;
  }

  /** Enthalpy above 0 C, from the exact integrals of the capacities. */
  energy(): number {
    const [s0, s1, s2] = this.matter.solids;
    let sum = 0;
    for (let c = 0; c < this.count; c += 1) {
      const t = this.temperature[c];
      sum +=
        this.volume[c] *
        (integrateTerms(s0[c], s1[c], s2[c], t) + this.water[c] * integrate(WATER_CAPACITY, t));
    }
    return sum;
  }

  /** Heat in less stored less evaporated, relative to the heat that moved. */
  energyError(): number {
    const stored = this.energy() - this.firstEnergy;
    const scale = max(abs(this.heatIn), abs(stored), 1);
    return (this.heatIn - stored - this.heatOut) / scale;
  }

  /** Mean temperature of the outer quarter millimetre of a column's end, C. */
  outerTemperature(column: number, side: Side): number {
    const { heights } = this.section;
    const base = column * this.rows;
    let depth = 0;
    let sum = 0;
    for (let k = 0; k < this.rows && depth < BROWNING_DEPTH; k += 1) {
      const i = side === 0 ? k : this.rows - 1 - k;
      const part = min(heights[i], BROWNING_DEPTH - depth);
      sum += part * this.temperature[base + i];
      depth += part;
    }
    return sum / depth;
  }

  /** Notes the outer temperatures before a step. */
  protected beforeBrowning(): void {
    for (let j = 0; j < this.columns; j += 1) {
      this.outerBefore[0][j] = this.outerTemperature(j, 0);
      this.outerBefore[1][j] = this.outerTemperature(j, 1);
    }
  }

  /** Adds a step to the browning integrals, at the mean of the temperatures before and after it. */
  protected brown(dt: number): void {
    for (let j = 0; j < this.columns; j += 1) {
      this.brownColumn(j, 0, dt);
      this.brownColumn(j, 1, dt);
    }
  }

  private brownColumn(column: number, side: Side, dt: number): void {
    const celsius = (this.outerBefore[side][column] + this.outerTemperature(column, side)) / 2;
    this.browning[side][column] += dt * exp((celsius - BROWNING_REFERENCE) * BROWNING_RATE);
  }
}
