import type { ForeignKitchen } from './foreignKitchen';

/** Surroundings of a face of the box: a solid by contact, or air with walls. */
export type ForeignFace =
  | { readonly kind: 'contact'; readonly celsius: number; readonly coefficient: number }
  | {
      readonly kind: 'air';
      readonly celsius: number;
      /** Temperature to which the face radiates, C. */
      readonly walls: number;
      readonly coefficient: number;
      /** Vapour pressure of the air, Pa. */
      readonly vapour: number;
    };

export interface ForeignFaces {
  readonly lower: ForeignFace;
  readonly upper: ForeignFace;
  readonly side: ForeignFace;
}

export interface ForeignBox {
  readonly width: number;
  readonly length: number;
  readonly thickness: number;
  readonly start: number;
  /** Mass fraction of water. */
  readonly water: number;
}

/** Cells of a quarter of the piece: half its width, half its length, all its thickness. */
const [NX, NY, NZ] = [6, 9, 40];
/** Cells from each face in which a face that cools is not the core. */
const CORE_FROM = NZ / 5;
const COUNTS = [NX, NY, NZ];
const COUNT = NX * NY * NZ;
/** Steps in cell index along each axis. */
const STEPS = [NY * NZ, NZ, 1];
const DENSITY = 1050;
const SOLID_CAPACITY = 1700;
const WATER_CAPACITY = 4190;
const LATENT = 2.26e6;
const STEFAN = 5.67e-8;
const EMISSIVITY = 0.92;
/** Heat capacity of air, J/m3K, and gas constant of water vapour, J/kgK. */
const AIR_CAPACITY = 1100;
const GAS_OF_WATER = 461.5;
const FRESH_ACTIVITY = 0.985;
/** Denaturation takes its heat evenly between these, C. */
const [DENATURES_FROM, DENATURES_TO] = [50, 75];
/** Share of a cell's water under which none boils off. */
const BOUND = 0.02;

/** Saturation pressure over water, Pa (Tetens 1930). */
const saturation = (celsius: number): number =>
  610.8 * Math.exp((17.27 * celsius) / (celsius + 237.3));

const squared = (x: number): number => x * x;

/** Power radiated from a face to its walls, W/m2. */
const radiated = (face: number, walls: number): number =>
  EMISSIVITY * STEFAN * (squared(squared(face + 273.15)) - squared(squared(walls + 273.15)));

/** One face of a cell on the surface of the box. */
interface SurfaceCell {
  readonly cell: number;
  /** The first face down, the other one, or the sides. */
  readonly on: 0 | 1 | 'side';
  /** From its face to its middle, m, and its area, m2. */
  readonly half: number;
  readonly area: number;
}

/**
 * A piece of meat as a box of 6 x 9 x 40 cells, a quarter by symmetry, in explicit steps. Each cell has a temperature
 * and its water; conductivity is 0.17 + 0.30 times the remaining share of its first water, W/mK. A cell with water
 * does not pass 100 C: further heat evaporates water.
 */
export class ForeignPiece {
  readonly temperature = new Float64Array(COUNT);
  /** Water of each cell, kg/m3. */
  private readonly water = new Float64Array(COUNT);
  private readonly surface: readonly SurfaceCell[];
  /** Water that has left each surface cell, by evaporation and by boiling, kg/m2. */
  private readonly evaporated: Float64Array;
  private readonly gained = new Float64Array(COUNT);
  private readonly conductivity = new Float64Array(COUNT);
  private readonly boiled = new Float64Array(COUNT);
  /** Heat that has entered through the surface of the quarter, J; evaporation below boiling is taken off. */
  heatIn = 0;
  /** Index of the face that lies down. */
  private down: 0 | 1 = 0;
  private readonly sizes: readonly [number, number, number];
  private readonly solids: number;
  private readonly fullWater: number;

  constructor(
    box: ForeignBox,
    private readonly kitchen: ForeignKitchen,
  ) {
    this.sizes = [box.width / 2 / NX, box.length / 2 / NY, box.thickness / NZ];
    this.fullWater = DENSITY * box.water;
    this.solids = DENSITY - this.fullWater;
    this.temperature.fill(box.start);
    this.water.fill(this.fullWater);
    this.surface = this.surfaceCells();
    this.evaporated = new Float64Array(this.surface.length);
  }

  private surfaceCells(): readonly SurfaceCell[] {
    const [dx, dy, dz] = this.sizes;
    const found: SurfaceCell[] = [];
    for (let i = 0; i < NX; i += 1) {
      for (let j = 0; j < NY; j += 1) {
        const column = (i * NY + j) * NZ;
        found.push({ cell: column, on: 0, half: dz / 2, area: dx * dy });
        found.push({ cell: column + NZ - 1, on: 1, half: dz / 2, area: dx * dy });
        for (let k = 0; k < NZ; k += 1) {
          const cell = column + k;
          if (j === NY - 1) found.push({ cell, on: 'side', half: dy / 2, area: dx * dz });
          if (i === NX - 1) found.push({ cell, on: 'side', half: dx / 2, area: dy * dz });
        }
      }
    }
    return found;
  }

  /** Area of a face of the whole piece, m2. */
  get faceArea(): number {
    const [dx, dy] = this.sizes;
    return 4 * NX * NY * dx * dy;
  }

  turn(): void {
    this.down = this.down === 0 ? 1 : 0;
  }

  /** Heat capacity of a cell, J/m3K, with the heat of denaturation in its range. */
  private capacityOf(cell: number): number {
    const celsius = this.temperature[cell];
    const base = this.solids * SOLID_CAPACITY + this.water[cell] * WATER_CAPACITY;
    const denatures = celsius > DENATURES_FROM && celsius < DENATURES_TO;
    const extra = (DENSITY * this.kitchen.denaturation) / (DENATURES_TO - DENATURES_FROM);
    return denatures ? base + extra : base;
  }

  private conductivityOf(cell: number): number {
    return 0.17 + (0.3 * this.water[cell]) / this.fullWater;
  }

  /**
   * Longest stable explicit step, s. The least capacity over its conductances has the driest cell between a wet one and
   * a solid: 0.31 is the mean of those two, W/mK.
   */
  get longestStep(): number {
    const [dx, dy, dz] = this.sizes;
    const dry = this.solids * SOLID_CAPACITY + BOUND * this.fullWater * WATER_CAPACITY;
    return (0.9 * dry) / (2 * 0.31) / (1 / dz ** 2 + 1 / dx ** 2 + 1 / dy ** 2);
  }

  /** Coldest cell of the middle column away from both faces, C. */
  get core(): number {
    let least = Infinity;
    for (let k = CORE_FROM; k < NZ - CORE_FROM; k += 1)
      least = Math.min(least, this.temperature[k]);
    return least;
  }

  /** Temperatures of the middle column from the first face to the other, C. */
  get middle(): Float64Array {
    return this.temperature.slice(0, NZ);
  }

  /** Water that has left through the surface, share of the first mass. */
  get lossShare(): number {
    const [dx, dy, dz] = this.sizes;
    const lost = this.surface.reduce((sum, { area }, i) => sum + area * this.evaporated[i], 0);
    return lost / (DENSITY * COUNT * dx * dy * dz);
  }

  /** Copies the state of another piece of the same size. */
  takeFrom(other: ForeignPiece): void {
    this.temperature.set(other.temperature);
    this.water.set(other.water);
    this.evaporated.set(other.evaporated);
    this.heatIn = other.heatIn;
    this.down = other.down;
  }

  /**
   * Power into a surface cell, W/m2; what evaporates below boiling takes its heat. That water comes from the whole piece:
   * the cell itself does not dry by it, its activity falls.
   */
  private fluxInto(index: number, face: ForeignFace, dt: number): number {
    const { cell, half } = this.surface[index];
    const celsius = this.temperature[cell];
    if (face.kind === 'contact') {
      const resistance = 1 / face.coefficient + half / this.conductivityOf(cell);
      return (face.celsius - celsius) / resistance;
    }
    const { driedActivity, driedAfter } = this.kitchen;
    const share = Math.min(1, this.evaporated[index] / driedAfter);
    const activity = FRESH_ACTIVITY + share * (driedActivity - FRESH_ACTIVITY);
    const over = activity * saturation(celsius) - face.vapour;
    const perPascal = face.coefficient / AIR_CAPACITY / (GAS_OF_WATER * (celsius + 273.15));
    const lost = Math.max(0, perPascal * over * dt);
    this.evaporated[index] += lost;
    const air = face.coefficient * (face.celsius - celsius);
    return air - radiated(celsius, face.walls) - (lost * LATENT) / dt;
  }

  private conduct(): void {
    const { temperature, gained, conductivity, sizes } = this;
    gained.fill(0);
    for (let c = 0; c < COUNT; c += 1) conductivity[c] = this.conductivityOf(c);
    for (let axis = 0; axis < 3; axis += 1) {
      const step = STEPS[axis];
      const block = step * COUNTS[axis];
      const perMetre = 2 / sizes[axis] ** 2;
      for (let from = 0; from < COUNT; from += block) {
        for (let c = from; c < from + block - step; c += 1) {
          const own = conductivity[c];
          const there = conductivity[c + step];
          const between = ((own * there) / (own + there)) * perMetre;
          const power = between * (temperature[c + step] - temperature[c]);
          gained[c] += power;
          gained[c + step] -= power;
        }
      }
    }
  }

  /**
   * One explicit step.
   * @param dt s, at most `longestStep`
   * @returns power into the lower face, W of the whole piece
   */
  step(faces: ForeignFaces, dt: number): number {
    this.conduct();
    const [dx, dy, dz] = this.sizes;
    const volume = dx * dy * dz;
    let below = 0;
    this.surface.forEach(({ cell, on, area }, index) => {
      const face = on === 'side' ? faces.side : on === this.down ? faces.lower : faces.upper;
      const power = this.fluxInto(index, face, dt) * area;
      if (on === this.down) below += power;
      this.gained[cell] += power / volume;
      this.heatIn += power * dt;
    });
    for (let c = 0; c < COUNT; c += 1) this.boiled[c] = this.heat(c, this.gained[c] * dt);
    this.surface.forEach(({ cell, half }, index) => {
      this.evaporated[index] += this.boiled[cell] * 2 * half;
    });
    return 4 * below;
  }

  /** Adds heat to a cell, J/m3; over 100 C it boils the water that is left. @returns water boiled, kg/m3 */
  private heat(cell: number, joules: number): number {
    const capacity = this.capacityOf(cell);
    const warmed = this.temperature[cell] + joules / capacity;
    const free = this.water[cell] - BOUND * this.fullWater;
    if (warmed <= 100 || free <= 0) {
      this.temperature[cell] = warmed;
      return 0;
    }
    const over = (warmed - 100) * capacity;
    const boiled = Math.min(free, over / LATENT);
    this.water[cell] -= boiled;
    this.temperature[cell] = 100 + (over - boiled * LATENT) / capacity;
    return boiled;
  }

  /** Heat stored since a start temperature without boiling or drying, J of the quarter: for its ledger. */
  storedSince(start: number): number {
    const [dx, dy, dz] = this.sizes;
    const capacity = this.solids * SOLID_CAPACITY + this.fullWater * WATER_CAPACITY;
    const rise = this.temperature.reduce((sum, celsius) => sum + celsius - start, 0);
    return rise * capacity * dx * dy * dz;
  }
}
