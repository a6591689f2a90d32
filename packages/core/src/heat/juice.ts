import { integrate, CHOI_OKOS } from '../food/properties';
import { CRUST_WATER_SHARE } from './constants';
import { ESTIMATES } from './estimates';
import type { PieceState } from './pieceState';
import { shareHeld } from './waterHeld';

/** Hoisted: a global is looked up at every use. */
const { exp, min } = Math;

const WATER_CAPACITY = CHOI_OKOS.water.capacity;
const TIME = ESTIMATES.juiceTime.value;
const TO_FRONT = ESTIMATES.juiceToFront.value;
/** Under this peak meat holds all its water, C. */
const NONE_UNDER = 38;

/**
 * Juice that meat expels: what a cell has over what it holds after its peak temperature (van der Sman
 * 2007) leaves it with a time constant of minutes. Of it, a share reaches the boiling front of the
 * nearer face, as far as it boils away there; the rest drips. Only what the meat holds counts towards the dryness of a crust, so a
 * cell that has expelled its juice is as wet as before.
 */
export class Juice {
  /** What came to the front of a half column, kg, and its enthalpy over liquid water's at 0 C, J. */
  private mass = 0;
  private enthalpy = 0;

  constructor(
    private readonly piece: PieceState,
    /** Heat capacity of each cell, J/K. */
    private readonly capacity: Float64Array,
  ) {}

  /** Moves the juice of a step. */
  follow(dt: number): void {
    const { rows, columns, boiled } = this.piece;
    const leaves = 1 - exp(-dt / TIME);
    const half = rows >> 1;
    for (let j = 0; j < columns; j += 1) {
      const base = j * rows;
      this.expel(base, base + half, boiled[2 * j], leaves);
      if (this.mass > 0) this.wet(this.frontFrom(base, 1, half));
      this.expel(base + half, base + rows, boiled[2 * j + 1], leaves);
      if (this.mass > 0) this.wet(this.frontFrom(base + rows - 1, -1, half));
    }
    boiled.fill(0);
  }

  /**
   * Expels the juice of the cells from `from` to `to`: what of it comes to their front is laid down in
   * `mass` and `enthalpy`.
   * @param boils what their front can take, kg: what has boiled away there. Whether it boils at a moment
   *   would not do: near the end of boiling that changes with every step.
   */
  private expel(from: number, to: number, boils: number, leaves: number): void {
    const { piece } = this;
    const { peak, temperature, water, full, perFull, volume, matter } = piece;
    let expelled = 0;
    let enthalpy = 0;
    for (let c = from; c < to; c += 1) {
      if (peak[c] < NONE_UNDER || matter.meat[c] === 0) continue;
      const over = full[c] - matter.water[c] * shareHeld(peak[c]);
      if (over <= 0) continue;
      const share = min(1, water[c] * perFull[c]);
      const lost = over * leaves;
      const mass = lost * share * volume[c];
      water[c] -= lost * share;
      full[c] -= lost;
      perFull[c] = 1 / full[c];
      expelled += mass;
      enthalpy += mass * integrate(WATER_CAPACITY, temperature[c]);
    }
    const arrives = expelled > 0 ? min(TO_FRONT, boils / expelled) : 0;
    this.mass = arrives * expelled;
    this.enthalpy = arrives * enthalpy;
    piece.dripped += expelled - this.mass;
    piece.heatOut += enthalpy - this.enthalpy;
  }

  /** The first wet cell from a face inward; of a half that is dry, its face. */
  private frontFrom(outer: number, inward: 1 | -1, depth: number): number {
    const { water, full } = this.piece;
    let c = outer;
    for (let k = 0; k < depth; k += 1, c += inward) {
      if (water[c] > CRUST_WATER_SHARE * full[c]) return c;
    }
    return outer;
  }

  /** What arrives mixes with the cell: cooler than it, so that the cell cools. */
  private wet(cell: number): void {
    const { temperature, water, volume } = this.piece;
    const own = this.mass * integrate(WATER_CAPACITY, temperature[cell]);
    water[cell] += this.mass / volume[cell];
    temperature[cell] += (this.enthalpy - own) / this.capacity[cell];
  }
}
