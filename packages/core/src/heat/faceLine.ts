import { KELVIN } from '../units';
import { CRUST_WATER_SHARE, STEFAN_BOLTZMANN } from './constants';
import type { Face } from './face';
import type { PieceState } from './pieceState';
import {
  saturationSlope,
  vapourDensityAtMeat,
  vapourDensityOfAir,
  vapourResistance,
} from './vapour';

/** Hoisted: a global is looked up at every use. */
const { min } = Math;

/** Where a line of cells meets its surroundings, and how to walk inward from there. */
export interface FaceLayout {
  /** Outermost cell of each place along the face. */
  readonly outer: Int32Array;
  /** Step in cell index from one cell to the next inward one. */
  readonly inward: number;
  /** Cells from this face to the far one. */
  readonly depth: number;
  /** Size of the k-th cell inward, across the face, m. */
  readonly sizes: Float64Array;
  /** Area of each place, in the section's measure. */
  readonly area: Float64Array;
  /** Contact each place makes with a pan, as a share of flat meat's. */
  readonly contact: Float64Array;
}

/**
 * A face made linear about the piece's present state, place by place: heat flows as
 * conductance (temperature - T outer cell), vapour leaves the first wet cell as
 * vapourConstant + vapourSlope T.
 */
export class FaceLine {
  readonly count: number;
  readonly outer: Int32Array;
  /** From the surroundings to the outer cell's centre, W/K. */
  readonly conductance: Float64Array;
  /** The cell vapour leaves, or -1 when none does. */
  readonly wetCell: Int32Array;
  /** kg/s K. */
  readonly vapourSlope: Float64Array;
  /** kg/s at 0 C on that line. */
  readonly vapourConstant: Float64Array;
  /** Of the surroundings, C. */
  temperature = 0;

  constructor(private readonly layout: FaceLayout) {
    this.count = layout.outer.length;
    this.outer = layout.outer;
    this.conductance = new Float64Array(this.count);
    this.wetCell = new Int32Array(this.count);
    this.vapourSlope = new Float64Array(this.count);
    this.vapourConstant = new Float64Array(this.count);
  }

  /** @param conductivity of each cell, W/m K */
  prepare(state: PieceState, face: Face, conductivity: Float64Array): void {
    const { temperature, water } = state;
    const first = state.matter.water;
    const { outer, area, sizes, contact } = this.layout;
    const ta = face.temperature + KELVIN;
    this.temperature = face.temperature;
    const vapourOfAir = vapourDensityOfAir(face.vapourPressure, face.temperature);
    for (let p = 0; p < this.count; p += 1) {
      const c = outer[p];
      let h = face.coefficient;
      if (face.wetExtra > 0) h = contact[p] * (h + face.wetExtra * min(1, water[c] / first[c]));
      if (face.emissivity > 0) {
        const ts = temperature[c] + KELVIN;
        h += face.emissivity * STEFAN_BOLTZMANN * (ts * ts + ta * ta) * (ts + ta);
      }
      this.conductance[p] = h > 0 ? area[p] / (1 / h + sizes[0] / (2 * conductivity[c])) : 0;
      if (face.evaporates) this.prepareVapour(p, state, face, vapourOfAir);
      else this.wetCell[p] = -1;
    }
  }

  /**
   * Vapour leaves the first cell that is still wet (over a tenth of its first water), through what
   * has dried in front: the dry cells, and the dried share of that cell itself, so that the layer
   * grows smoothly. Behind a dry cell it starts from the middle of what is still wet, where the
   * cell's temperature is taken; on a wet outer cell it starts from the surface.
   */
  private prepareVapour(p: number, state: PieceState, face: Face, vapourOfAir: number): void {
    const { temperature, water } = state;
    const first = state.matter.water;
    const { outer, inward, depth, sizes, area } = this.layout;
    let c = outer[p];
    let k = 0;
    let dryDepth = 0;
    while (k < depth && water[c] <= CRUST_WATER_SHARE * first[c]) {
      dryDepth += sizes[k];
      c += inward;
      k += 1;
    }
    if (k === depth) {
      this.wetCell[p] = -1;
      return;
    }
    const wetShare = min(1, water[c] / first[c]);
    dryDepth += sizes[k] * (k === 0 ? 1 - wetShare : 1 - wetShare / 2);
    const t = temperature[c];
    const ease = area[p] / vapourResistance(face.coefficient, face.temperature, dryDepth);
    const atMeat = vapourDensityAtMeat(t);
    this.wetCell[p] = c;
    this.vapourSlope[p] = ease * atMeat * (saturationSlope(t) - 1 / (t + KELVIN));
    this.vapourConstant[p] = ease * (atMeat - vapourOfAir) - this.vapourSlope[p] * t;
  }
}
