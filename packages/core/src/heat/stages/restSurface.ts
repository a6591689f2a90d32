import { ESTIMATES } from '../matter/estimates';
import { panFace } from '../places/face';
import { KITCHEN_AIR } from '../places/kitchenAir';
import type { PieceSolver } from '../solver/pieceSolver';
import type { RestCover } from '../places/restCover';
import type { Environment } from './runFor';
import type { Surroundings } from '../places/surroundings';

/** Surface on which a piece rests. */
export const REST_SURFACES = ['rack', 'board', 'plate', 'warm-plate'] as const;
export type RestSurface = (typeof REST_SURFACES)[number];

/** A slab that a piece lies on: m, W/m K, J/m3 K, and its first temperature, C. Handbook values. */
interface Slab {
  readonly thickness: number;
  readonly conductivity: number;
  readonly capacity: number;
  readonly start: number;
}

/** Highest temperature of a warmed plate that a hand tolerates, C. Common practice. */
const WARM_PLATE = 60;
const PLATE = { thickness: 0.006, conductivity: 1.4, capacity: 2.0e6 };

const SLABS: Readonly<Record<Exclude<RestSurface, 'rack'>, Slab>> = {
  board: { thickness: 0.025, conductivity: 0.17, capacity: 1.1e6, start: KITCHEN_AIR },
  plate: { ...PLATE, start: KITCHEN_AIR },
  'warm-plate': { ...PLATE, start: WARM_PLATE },
};

/** Number of cells of the slab; each is larger than the one before by a factor. */
const CELLS = 8;
const FIRST_SHARE = 0.04;
const GROWTH = 1.3357;
/** From the slab's underside to the counter, W/m2 K. Estimate. */
const UNDERSIDE = 5;
/** No step of the piece is longer while the slab warms, s. */
const LONGEST = 12;

/**
 * A board or a plate under a resting piece: heat conducts into it in one dimension, from the contact of a wet face, or
 * of a face in foil. Only the slab under the piece takes part.
 */
export class RestOn implements Environment {
  readonly around: Surroundings;
  readonly longest = LONGEST;
  private readonly lower: { temperature: number; radiant: number; coefficient: number };
  private readonly temperature: Float64Array;
  private readonly capacity = new Float64Array(CELLS);
  private readonly link = new Float64Array(CELLS);
  private readonly pivot = new Float64Array(CELLS);
  private readonly right = new Float64Array(CELLS);
  private readonly contact: number;

  /**
   * @param around resting under its cover
   * @param area of the solved face, in the section's measure
   */
  constructor(
    around: Surroundings,
    on: Exclude<RestSurface, 'rack'>,
    cover: RestCover,
    private readonly area: number,
  ) {
    const { thickness, conductivity, capacity, start } = SLABS[on];
    this.temperature = new Float64Array(CELLS).fill(start);
    let size = FIRST_SHARE * thickness;
    let sum = 0;
    for (let i = 0; i < CELLS; i += 1) {
      const height = i + 1 === CELLS ? thickness - sum : size;
      const next = size * GROWTH;
      this.capacity[i] = height * capacity;
      this.link[i] =
        i + 1 === CELLS
          ? 1 / (1 / UNDERSIDE + height / (2 * conductivity))
          : conductivity / ((height + next) / 2);
      sum += height;
      size = next;
    }
    const { restContact, restContactFoil } = ESTIMATES;
    this.contact =
      1 /
      (1 / (cover === 'wrapped' ? restContactFoil.value : restContact.value) +
        (FIRST_SHARE * thickness) / (2 * conductivity));
    const lower = { ...panFace(start), coefficient: this.contact, wetExtra: 0 };
    this.lower = lower;
    this.around = { ...around, lower };
  }

  snapshot(): Float64Array {
    return new Float64Array(CELLS);
  }

  save(to: Float64Array): void {
    to.set(this.temperature);
  }

  restore(from: Float64Array): void {
    this.temperature.set(from);
  }

  begin(): void {
    this.feel(0);
  }

  /**
   * Warms the first cell under the piece during the step: half of its warming is added to the resistance, so that the
   * two are coupled to second order.
   */
  private feel(dt: number): void {
    const { lower } = this;
    const first = this.temperature[0];
    lower.temperature = first;
    lower.radiant = first;
    lower.coefficient = 1 / (1 / this.contact + dt / (2 * this.capacity[0]));
  }

  follow(solver: PieceSolver, dt: number): void {
    this.conduct(dt, solver.lowerPower / this.area);
    this.feel(dt);
  }

  /** One backward Euler step of the slab with a flux into its top, W/m2. */
  private conduct(dt: number, flux: number): void {
    const { temperature, capacity, link, pivot, right } = this;
    let above = 0;
    let pivotBefore = 0;
    let rightBefore = 0;
    for (let i = 0; i < CELLS; i += 1) {
      const below = link[i];
      const own = capacity[i] / dt;
      const outside = i + 1 === CELLS ? below * KITCHEN_AIR : 0;
      const rhs = own * temperature[i] + (i === 0 ? -flux : 0) + outside + above * rightBefore;
      const diagonal = own + above + below - above * pivotBefore;
      pivotBefore = i + 1 === CELLS ? 0 : below / diagonal;
      rightBefore = rhs / diagonal;
      pivot[i] = pivotBefore;
      right[i] = rightBefore;
      above = below;
    }
    let next = 0;
    for (let i = CELLS - 1; i >= 0; i -= 1) {
      next = right[i] + pivot[i] * next;
      temperature[i] = next;
    }
  }
}

/**
 * A piece resting under its cover on a surface: in air all round on a rack, or on a board or a plate that it warms;
 * undefined: by its cover only.
 * @param area of the solved face, in the section's measure
 */
export const restingOn = (
  around: Surroundings,
  on: RestSurface | undefined,
  cover: RestCover,
  area: number,
): Surroundings | RestOn => {
  if (on === undefined) return around;
  return on === 'rack' ? { ...around, lower: around.upper } : new RestOn(around, on, cover, area);
};
