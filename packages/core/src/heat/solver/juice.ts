import { integrate, CHOI_OKOS } from '../../food/properties';
import { CRUST_WATER_SHARE } from '../matter/constants';
import { ESTIMATES } from '../matter/estimates';
import type { Exit } from '../matter/exits';
import type { PieceState } from './pieceState';
import { shareHeld } from '../matter/waterHeld';

/** Local alias for hot loops. */
const { exp, min } = Math;

const WATER_CAPACITY = CHOI_OKOS.water.capacity;
const TIME = ESTIMATES.juiceTime.value;
const DIFFUSIVITY = ESTIMATES.juiceDiffusivity.value;
const TO_FRONT = ESTIMATES.juiceToFront.value;
/** Under this peak meat holds all its water, C. */
const NONE_UNDER = 38;

/**
 * Juice that meat expels: the excess of a cell over its capacity at its peak temperature (van der Sman 2007) goes to the
 * nearest place of the surface. It takes longer from further inside, as juice flows through meat by a gradient of
 * pressure (Darcy): minutes from under the surface, hours from the middle of a joint. There it reaches the front up to
 * the rate at which vapour leaves that place; only a share of it if the front boils, as on iron. The rest drips. Only water that the meat holds counts towards the dryness of a crust: expelling juice
 * does not make a cell drier.
 */
export class Juice {
  /** Juice expelled towards each place of the surface, kg, and its enthalpy over liquid water's at 0 C, J. */
  private readonly mass: Float64Array;
  private readonly enthalpy: Float64Array;
  /** Time constant with which juice leaves each cell, s. */
  private readonly time: Float64Array;

  constructor(
    private readonly piece: PieceState,
    /** Heat capacity of each cell, J/K. */
    private readonly capacity: Float64Array,
  ) {
    const { length } = piece.exits.places;
    this.time = piece.exits.depth.map((depth) => TIME + (depth * depth) / DIFFUSIVITY);
    this.mass = new Float64Array(length);
    this.enthalpy = new Float64Array(length);
  }

  /** Moves the juice of a step. */
  follow(dt: number): void {
    const { piece, mass, enthalpy } = this;
    const { boiled, dried, exits } = piece;
    this.expel(dt);
    for (let e = 0; e < mass.length; e += 1) {
      if (mass[e] === 0) continue;
      // Whether it boils at a moment would not do: near the end of boiling that changes with every step.
      const leaves = boiled[e] + dried[e];
      const most = leaves > 0 ? (TO_FRONT * boiled[e] + dried[e]) / leaves : 0;
      const arrives = min(most, leaves / mass[e]);
      if (arrives > 0)
        this.wet(this.frontOf(exits.places[e]), arrives * mass[e], arrives * enthalpy[e]);
      piece.dripped += (1 - arrives) * mass[e];
      piece.heatOut += (1 - arrives) * enthalpy[e];
      mass[e] = 0;
      enthalpy[e] = 0;
    }
    boiled.fill(0);
    dried.fill(0);
  }

  /** Expels part of each cell's excess over its capacity. */
  private expel(dt: number): void {
    const { piece, time } = this;
    const { peak, temperature, water, full, perFull, volume, matter, count } = piece;
    const { of } = piece.exits;
    for (let c = 0; c < count; c += 1) {
      if (peak[c] < NONE_UNDER || matter.meat[c] === 0) continue;
      const over = full[c] - matter.water[c] * shareHeld(peak[c]);
      if (over <= 0) continue;
      const share = min(1, water[c] * perFull[c]);
      const lost = over * (1 - exp(-dt / time[c]));
      const mass = lost * share * volume[c];
      water[c] -= lost * share;
      full[c] -= lost;
      perFull[c] = 1 / full[c];
      this.mass[of[c]] += mass;
      this.enthalpy[of[c]] += mass * integrate(WATER_CAPACITY, temperature[c]);
    }
  }

  /** The first wet cell from a place of the surface inward; of a line that is dry, its outermost. */
  private frontOf({ outer, inward, depth }: Exit): number {
    const { water, full } = this.piece;
    let c = outer;
    for (let k = 0; k < depth; k += 1, c += inward) {
      if (water[c] > CRUST_WATER_SHARE * full[c]) return c;
    }
    return outer;
  }

  /** Incoming juice mixes with the cell: it is cooler, and cools the cell. */
  private wet(cell: number, mass: number, enthalpy: number): void {
    const { temperature, water, volume } = this.piece;
    const own = mass * integrate(WATER_CAPACITY, temperature[cell]);
    water[cell] += mass / volume[cell];
    temperature[cell] += (enthalpy - own) / this.capacity[cell];
  }
}
