import { KELVIN } from '../../units';
import { STEFAN_BOLTZMANN } from '../matter/constants';
import type { PhaseTable } from './phaseTable';
import type { Shape } from '../matter/section';
import {
  latentHeat,
  vapourDensityAtMeat,
  vapourDensityOfAir,
  vapourResistance,
} from '../matter/vapour';

/** Surroundings of a piece that freezes or thaws, the same on every side. */
export interface IceSurroundings {
  /** C */
  readonly celsius: number;
  /** Convection of air or water, through a bag where there is one, W/m2 K. */
  readonly coefficient: number;
  /** Emissivity of the bare face; undefined: no radiation, as in water. */
  readonly emissivity?: number | undefined;
  /** Vapour pressure of the air at a bare face, Pa; undefined: no evaporation or condensation. */
  readonly vapour?: number | undefined;
}

/** Cells from the middle to a face, and from the middle to the edge. */
const ROWS = 12;
const COLUMNS = 10;
/** Share of the longest stable step that is taken. */
const SAFE = 0.9;

/** From the middle or axis to the edge, m. */
const acrossOf = (shape: Shape, thickness: number): number => {
  switch (shape.kind) {
    case 'slab':
      return 1;
    case 'round':
      return shape.radius;
    case 'long':
      return shape.width / 2;
    case 'rolled':
      return thickness / 2;
  }
};

/**
 * A piece across its freezing: an explicit finite-volume solution for enthalpy on a quarter of its section, the same
 * on every side. Enthalpy is the state variable, and is therefore conserved exactly however sharply the ice melts;
 * temperature and conductivity follow from it.
 */
export class IcedPiece {
  /** J/m3 of each cell: row (from the middle to a face) + rows x column (to the edge). */
  readonly enthalpy: Float64Array;
  private readonly temperature: Float64Array;
  private readonly conductivity: Float64Array;
  private readonly gained: Float64Array;
  private readonly rows: number;
  private readonly columns: number;
  private readonly height: number;
  private readonly width: number;
  /** Face area of a column and breadth of the sides between columns, in the section's measure. */
  private readonly area: Float64Array;
  private readonly breadth: Float64Array;
  private readonly step: number;
  /** Whether heat comes through its faces. */
  private readonly ends: boolean;
  /** Heat through the surface since the start, J in the quarter section's measure. */
  heatIn = 0;
  /** Power that comes through the surface in the step being made, W. */
  private entering = 0;

  constructor(
    private readonly table: PhaseTable,
    thickness: number,
    shape: Shape,
    start: number,
  ) {
    const across = acrossOf(shape, thickness);
    const rolled = shape.kind === 'rolled';
    const round = rolled || shape.kind === 'round';
    this.columns = shape.kind === 'slab' ? 1 : COLUMNS;
    // A rolled piece is one row, per metre of its length, without ends.
    this.rows = rolled ? 1 : ROWS;
    this.height = rolled ? 1 : thickness / 2 / ROWS;
    this.ends = !rolled;
    this.width = across / this.columns;
    this.area = new Float64Array(this.columns);
    this.breadth = new Float64Array(this.columns + 1);
    for (let j = 0; j <= this.columns; j += 1) {
      this.breadth[j] = round ? j * this.width : 1;
      if (j < this.columns) {
        this.area[j] = this.width * (round ? (j + 0.5) * this.width : 1);
      }
    }
    if (shape.kind === 'slab') this.breadth.fill(0);
    const n = this.rows * this.columns;
    this.enthalpy = new Float64Array(n).fill(table.enthalpy(start));
    this.temperature = new Float64Array(n).fill(start);
    this.conductivity = new Float64Array(n).fill(table.conductivity(this.enthalpy[0]));
    this.gained = new Float64Array(n);
    const { leastCapacity, mostConductivity } = table;
    const along = 1 / this.height ** 2 + (this.columns === 1 ? 0 : 1 / this.width ** 2);
    this.step = (SAFE * leastCapacity) / (2 * mostConductivity * along);
  }

  /** The middle, C: the last to thaw and to freeze. */
  get core(): number {
    return this.temperature[0];
  }

  /** The warmest and the coldest cell, C. */
  get warmest(): number {
    return this.temperature.reduce((most, t) => Math.max(most, t), -Infinity);
  }

  /** The mean over its volume, C: what it comes to once it has evened out. */
  get mean(): number {
    const { rows, area, temperature } = this;
    let sum = 0;
    let whole = 0;
    temperature.forEach((t, c) => {
      sum += t * area[Math.floor(c / rows)];
      whole += area[Math.floor(c / rows)];
    });
    return sum / whole;
  }

  get coldest(): number {
    return this.temperature.reduce((least, t) => Math.min(least, t), Infinity);
  }

  /** Enthalpy of the quarter section, J in its measure. */
  get energy(): number {
    const { rows, area, height, enthalpy } = this;
    return enthalpy.reduce((sum, h, c) => sum + h * height * area[Math.floor(c / rows)], 0);
  }

  /**
   * Runs for a number of seconds, or until `stop`.
   * @param stop called after every step, s from now
   * @returns duration of the run, s
   */
  run(around: IceSurroundings, seconds: number, stop?: (at: number) => boolean): number {
    let at = 0;
    while (at < seconds - 1e-9) {
      const dt = Math.min(this.step, seconds - at);
      this.advance(around, dt);
      at += dt;
      if (stop?.(at)) break;
    }
    return at;
  }

  private advance(around: IceSurroundings, dt: number): void {
    const { rows, columns, height, width, area, breadth } = this;
    const { enthalpy, temperature, conductivity, gained, table } = this;
    gained.fill(0);
    for (let j = 0, c = 0; j < columns; j += 1) {
      for (let i = 0; i < rows; i += 1, c += 1) {
        if (i + 1 < rows) this.exchange(c, c + 1, area[j], height);
        else if (this.ends) gained[c] += this.fromOutside(around, c, area[j], height);
        if (j + 1 < columns) this.exchange(c, c + rows, breadth[j + 1] * height, width);
        else if (breadth[columns] > 0) {
          gained[c] += this.fromOutside(around, c, breadth[columns] * height, width);
        }
      }
    }
    for (let j = 0, c = 0; j < columns; j += 1) {
      const volume = area[j] * height;
      for (let i = 0; i < rows; i += 1, c += 1) {
        enthalpy[c] += (gained[c] * dt) / volume;
        temperature[c] = table.temperature(enthalpy[c]);
        conductivity[c] = table.conductivity(enthalpy[c]);
      }
    }
    this.heatIn += this.entering * dt;
    this.entering = 0;
  }

  /** @param size of both cells, across their common side, m */
  private exchange(from: number, to: number, area: number, size: number): void {
    const { temperature, conductivity, gained } = this;
    const resistance = (size / 2) * (1 / conductivity[from] + 1 / conductivity[to]);
    const power = (area * (temperature[to] - temperature[from])) / resistance;
    gained[from] += power;
    gained[to] -= power;
  }

  /** Power from the surroundings through a cell's outer face, W. */
  private fromOutside(
    { celsius, coefficient, emissivity = 0, vapour }: IceSurroundings,
    c: number,
    area: number,
    size: number,
  ): number {
    const t = this.temperature[c];
    const [ts, ta] = [t + KELVIN, celsius + KELVIN];
    const h = coefficient + emissivity * STEFAN_BOLTZMANN * (ts * ts + ta * ta) * (ts + ta);
    let power = (area * (celsius - t)) / (1 / h + size / (2 * this.conductivity[c]));
    if (vapour !== undefined) {
      // Condensation on a cold face or evaporation from a wet one: mass follows heat by Lewis's rule.
      const comes =
        (vapourDensityOfAir(vapour, celsius) - vapourDensityAtMeat(t)) /
        vapourResistance(coefficient, celsius, 0);
      power += area * comes * latentHeat(t);
    }
    this.entering += power;
    return power;
  }
}
