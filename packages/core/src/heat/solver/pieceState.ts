import { Browning } from './browning';
import { ColdestMeat } from './coldestMeat';
import { CRUST_WATER_SHARE } from '../matter/constants';
import { exitsOf, type Exits } from '../matter/exits';
import { MELTING_HEAT, meltedShare } from '../matter/fatMelting';
import { HEAT_MODELS, type HeatModel } from '../matter/heatModel';
import type { Matter } from '../matter/matter';
import { CHOI_OKOS, integrate, integrateTerms } from '../../food/properties';
import { meatDepth } from '../matter/meatDepth';
import type { PieceFields, Side } from './pieceFields';
import { SAVED_FIELDS, type PieceSnapshot } from './pieceSnapshot';
import { renderedHeight } from '../matter/renderedHeight';
import { midline, type Midline } from '../matter/midline';
import type { Section } from '../matter/section';

/** Local alias for hot loops. */
const { abs, max } = Math;

const WATER_CAPACITY = CHOI_OKOS.water.capacity;

/**
 * A piece as a section of cells: what it holds, what it has been through, and the ledger of heat
 * and water that crossed its faces. Row 0 is the face that went down first, whichever way the
 * piece lies now: a flip turns the surroundings over, not the arrays.
 */
export class PieceState implements PieceFields {
  readonly rows: number;
  readonly columns: number;
  readonly count: number;
  readonly temperature: Float64Array;
  /** Water, kg/m3; a surface film is counted in the outermost cell. */
  readonly water: Float64Array;
  /** Highest temperature each cell has had, C. */
  readonly peak: Float64Array;
  /** Water each cell holds when it is full, kg/m3, and its inverse: less once juice is expelled. */
  readonly full: Float64Array;
  readonly perFull: Float64Array;
  /** Present cell heights, m, and rendered share of each row, 0 to 1. */
  readonly heights: Float64Array;
  readonly rendered: Float64Array;
  /** Face area and thickness after shrinking, as shares of the first. */
  faceScale = 1;
  heightScale = 1;
  /** Volume of each cell, in the section's measure. */
  readonly volume: Float64Array;
  /** Volume of the whole section. */
  readonly whole: number;
  /** Energy through the faces since the start, J in the section's measure. */
  heatIn = 0;
  /** Energy lost with vapour since the start, liquid enthalpy above 0 C included. */
  heatOut = 0;
  /** Water lost as vapour since the start, kg in the section's measure. */
  evaporated = 0;
  /** Juice that has dripped, and fat that has rendered out, kg in the section's measure. */
  dripped = 0;
  renderedMass = 0;
  /** Whether the face that went down first is up now, and since when, s. */
  flipped = false;
  sinceTurn = Infinity;
  /** Since the meat's own changes were last made up for, s. */
  unchangedFor = 0;
  /** Places at which juice comes to the surface. */
  readonly exits: Exits;
  /** Water that since then has boiled away at each place, and has evaporated there below boiling, kg. */
  readonly boiled: Float64Array;
  readonly dried: Float64Array;

  private readonly line: Midline;
  readonly meat: ColdestMeat;
  readonly crusts: Browning;
  private readonly firstEnergy: number;
  private readonly firstMass: number;

  /**
   * @param start temperature of every cell, C
   * @param film water on each face, kg/m2; negative: water that dried out beforehand
   */
  constructor(
    readonly section: Section,
    readonly matter: Matter,
    start: number,
    film = 0,
    readonly model: HeatModel = HEAT_MODELS.baseline,
  ) {
    const { heights, area, span } = section;
    this.rows = heights.length;
    this.columns = area.length;
    const n = this.rows * this.columns;
    this.count = n;
    this.temperature = new Float64Array(n).fill(start);
    this.water = matter.water.slice();
    this.full = matter.water.slice();
    this.perFull = matter.water.map((water) => (water > 0 ? 1 / water : 0));
    this.heights = heights.slice();
    this.rendered = new Float64Array(this.rows);
    this.peak = new Float64Array(n).fill(start);
    this.exits = exitsOf(section, matter);
    this.boiled = new Float64Array(this.exits.places.length);
    this.dried = new Float64Array(this.exits.places.length);
    this.volume = new Float64Array(n);
    for (let c = 0; c < n; c += 1) {
      const row = c % this.rows;
      this.volume[c] = area[Math.floor(c / this.rows)] * span[row] * heights[row];
    }
    this.whole = this.volume.reduce((total, volume) => total + volume, 0);
    const { first, last } = meatDepth(heights, matter, section.middle);
    this.line = midline(section, model.meatCore ? (first + last) / 2 : undefined);
    this.meat = new ColdestMeat(this, this.line);
    this.crusts = new Browning(this);
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

  /** The core, C: mid-thickness on the mid-line, or where the model says so the middle of the meat. */
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

  /** Temperature of a row on the mid-line, C. */
  midlineAt(row: number): number {
    return this.meat.at(row);
  }

  /** The coldest cell of the meat, its rim left out where it has one, C. */
  get coldest(): number {
    return this.meat.coldest;
  }

  /** The coldest cell of the meat at the side face, C; of a slab, which has none, the coldest. */
  get rim(): number {
    return this.meat.rim;
  }

  /** Turns the piece over. */
  flip(): void {
    this.flipped = !this.flipped;
    this.sinceTurn = 0;
  }

  /** The outermost cell of a face on the mid-line. */
  private outerCell(side: Side): number {
    return this.section.middle * this.rows + (side === 0 ? 0 : this.rows - 1);
  }

  /** Browning integral of a face on the mid-line, s at 150 C. */
  browned(side: Side): number {
    return this.crusts.integrals[side][this.section.middle];
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
      if (this.water[base + i] >= CRUST_WATER_SHARE * this.full[base + i]) break;
      depth += this.heights[i];
    }
    return depth;
  }

  snapshot(): PieceSnapshot {
    return {
      temperature: new Float64Array(this.count),
      water: new Float64Array(this.count),
      peak: new Float64Array(this.count),
      browning: [new Float64Array(this.columns), new Float64Array(this.columns)],
      full: new Float64Array(this.count),
      boiled: new Float64Array(this.exits.places.length),
      dried: new Float64Array(this.exits.places.length),
      rendered: new Float64Array(this.rows),
      rate: new Float64Array(this.count),
      scalars: new Float64Array(10),
    };
  }

  save(to: PieceSnapshot): void {
    for (const field of SAVED_FIELDS) to[field].set(this[field]);
    to.browning[0].set(this.crusts.integrals[0]);
    to.browning[1].set(this.crusts.integrals[1]);
    to.scalars[0] = this.heatIn;
    to.scalars[1] = this.heatOut;
    to.scalars[2] = this.evaporated;
    to.scalars[3] = this.flipped ? 1 : 0;
    to.scalars[4] = this.dripped;
    to.scalars[5] = this.renderedMass;
    to.scalars[6] = this.sinceTurn;
    to.scalars[7] = this.unchangedFor;
  }

  restore(from: PieceSnapshot): void {
    for (const field of SAVED_FIELDS) this[field].set(from[field]);
    this.crusts.integrals[0].set(from.browning[0]);
    this.crusts.integrals[1].set(from.browning[1]);
    for (let c = 0; c < this.count; c += 1)
      this.perFull[c] = this.full[c] > 0 ? 1 / this.full[c] : 0;
    this.layHeights();
    this.heatIn = from.scalars[0];
    this.heatOut = from.scalars[1];
    this.evaporated = from.scalars[2];
    this.flipped = from.scalars[3] === 1;
    this.dripped = from.scalars[4];
    this.renderedMass = from.scalars[5];
    this.sinceTurn = from.scalars[6];
    this.unchangedFor = from.scalars[7];
  }

  /** Cell heights and volumes as what has rendered leaves them. */
  private layHeights(): void {
    const { heights, area, span } = this.section;
    for (let i = 0; i < this.rows; i += 1) {
      this.heights[i] = heights[i] * renderedHeight(this.rendered[i]);
    }
    for (let c = 0; c < this.count; c += 1) {
      const row = c % this.rows;
      this.volume[c] = area[Math.floor(c / this.rows)] * span[row] * this.heights[row];
    }
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
    const melting = this.model.fatMelts ? MELTING_HEAT : 0;
    let sum = 0;
    for (let c = 0; c < this.count; c += 1) {
      const t = this.temperature[c];
      const melted = melting * this.matter.fat[c] * meltedShare(t);
      const solids = integrateTerms(s0[c], s1[c], s2[c], t) + melted;
      sum += this.volume[c] * (solids + this.water[c] * integrate(WATER_CAPACITY, t));
    }
    return sum;
  }

  /** Heat in less stored less evaporated, relative to the heat that moved. */
  energyError(): number {
    const stored = this.energy() - this.firstEnergy;
    const scale = max(abs(this.heatIn), abs(stored), 1);
    return (this.heatIn - stored - this.heatOut) / scale;
  }
}
