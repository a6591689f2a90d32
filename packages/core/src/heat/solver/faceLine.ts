import { KELVIN } from '../../units';
import { CRUST_WATER_SHARE, STEFAN_BOLTZMANN, VAPOUR_DIFFUSIVITY_CRUST } from '../matter/constants';
import { ESTIMATES } from '../matter/estimates';
import { bulgedContact } from '../matter/bulge';
import type { Face } from '../places/face';
import type { PieceState } from './pieceState';
import { wetPartOf } from './dryingFront';
import {
  saturationSlope,
  vapourDensityAtMeat,
  vapourDensityOfAir,
  vapourResistance,
} from '../matter/vapour';

const CRUST_DIFFUSIVITY = ESTIMATES.crustDiffusivity.value;

/** Local alias for hot loops. */
const { min } = Math;

/**
 * Depth over which a face counts as wet for its contact with iron, m: the model's default outermost cell. A depth, and
 * not a cell, so that a finer grid does not dry a face sooner.
 */
const WET_DEPTH = 0.15e-3;

/** Share of each cell in a depth; the shares sum to 1. */
const sharesOf = (sizes: Float64Array, depth: number): Float64Array => {
  const shares: number[] = [];
  let left = depth;
  for (let k = 0; k < sizes.length && left > 1e-9; k += 1) {
    const taken = k === sizes.length - 1 ? left : min(left, sizes[k]);
    shares.push(taken / depth);
    left -= taken;
  }
  return Float64Array.from(shares);
};

/** Position of a line of cells at its surroundings, and the step inward. */
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
  /** Each place as juice comes to it: see `Exits`. */
  readonly exit: Int32Array;
}

/**
 * Fluxes of a face linearised at the current state, at each place of the surface: heat flows as
 * conductance (temperature - T outer cell), vapour leaves the first wet cell as
 * vapourConstant + vapourSlope T.
 */
export class FaceLine {
  readonly count: number;
  readonly outer: Int32Array;
  /** Step in cell index inward, and cells to the far face: see `FaceLayout`. */
  readonly inward: number;
  readonly depth: number;
  readonly exit: Int32Array;
  /** From the surroundings to the outer cell's centre, W/K. */
  readonly conductance: Float64Array;
  /** The cell vapour leaves, or -1 when none does. */
  readonly wetCell: Int32Array;
  /** kg/s K. */
  readonly vapourSlope: Float64Array;
  /** kg/s at 0 C on that line. */
  readonly vapourConstant: Float64Array;
  /** Weight of each cell in the wetness of a face on iron. */
  private readonly wetness: Float64Array;
  /** Temperature of each place's surroundings, C: weighted mean of air and radiating surfaces. */
  readonly temperature: Float64Array;

  constructor(private readonly layout: FaceLayout) {
    this.count = layout.outer.length;
    this.outer = layout.outer;
    this.inward = layout.inward;
    this.depth = layout.depth;
    this.exit = layout.exit;
    this.conductance = new Float64Array(this.count);
    this.wetCell = new Int32Array(this.count);
    this.vapourSlope = new Float64Array(this.count);
    this.vapourConstant = new Float64Array(this.count);
    this.temperature = new Float64Array(this.count);
    this.wetness = sharesOf(layout.sizes, WET_DEPTH);
  }

  /**
   * @param resistance from each cell's middle to its rim, m K/W
   * @param areaScale what the line's area has come to by shrinking, of its first
   * @param sizeScale the same of the cells' size across the face
   */
  prepare(
    state: PieceState,
    face: Face,
    resistance: Float64Array,
    areaScale = 1,
    sizeScale = 1,
  ): void {
    const { temperature, water } = state;
    const { full } = state;
    const { wetness } = this;
    const { outer, inward, area, sizes, contact } = this.layout;
    const tr = face.radiant + KELVIN;
    const apart = face.radiant - face.temperature;
    const touches = face.bulges ? bulgedContact(state.sinceTurn) : 1;
    const vapourOfAir = vapourDensityOfAir(face.vapourPressure, face.temperature);
    for (let p = 0; p < this.count; p += 1) {
      const c = outer[p];
      let h = face.coefficient;
      let towards = face.temperature;
      if (face.wetExtra > 0) {
        let wet = 0;
        for (let k = 0, i = c; k < wetness.length; k += 1, i += inward) {
          wet += wetness[k] * min(1, water[i] / full[i]);
        }
        h = touches * contact[p] * (h + face.wetExtra * wet);
      }
      if (face.emissivity > 0) {
        const ts = temperature[c] + KELVIN;
        const radiates = face.emissivity * STEFAN_BOLTZMANN * (ts * ts + tr * tr) * (ts + tr);
        h += radiates;
        towards += (radiates / h) * apart;
      }
      this.temperature[p] = towards;
      const half = sizeScale * sizes[0] * resistance[c];
      this.conductance[p] = h > 0 ? (areaScale * area[p]) / (1 / h + half) : 0;
      if (face.evaporates) this.prepareVapour(p, state, face, vapourOfAir, areaScale);
      else this.wetCell[p] = -1;
    }
  }

  /**
   * Vapour leaves the first wet cell (over a tenth of its first water), through the dried matter in front: the dry
   * cells, and the dried part of that cell itself, so that the layer grows smoothly. In the baseline it starts from
   * the middle of the wet part of a cell behind a dry one.
   */
  private prepareVapour(
    p: number,
    state: PieceState,
    face: Face,
    vapourOfAir: number,
    areaScale: number,
  ): void {
    const { temperature, water, full, model } = state;
    const { outer, inward, depth, sizes, area } = this.layout;
    let c = outer[p];
    let k = 0;
    let dryDepth = 0;
    while (k < depth && water[c] <= CRUST_WATER_SHARE * full[c]) {
      dryDepth += sizes[k];
      c += inward;
      k += 1;
    }
    if (k === depth) {
      this.wetCell[p] = -1;
      return;
    }
    const share = min(1, water[c] / full[c]);
    if (model.frontInCell) dryDepth += sizes[k] * (1 - wetPartOf(share));
    else dryDepth += sizes[k] * (k === 0 ? 1 - share : 1 - share / 2);
    const t = temperature[c];
    const diffusivity = model.juice ? CRUST_DIFFUSIVITY : VAPOUR_DIFFUSIVITY_CRUST;
    const ease =
      (areaScale * area[p]) /
      vapourResistance(face.coefficient, face.temperature, dryDepth, diffusivity);
    const atMeat = vapourDensityAtMeat(t);
    this.wetCell[p] = c;
    this.vapourSlope[p] = ease * atMeat * (saturationSlope(t) - 1 / (t + KELVIN));
    this.vapourConstant[p] = ease * (atMeat - vapourOfAir) - this.vapourSlope[p] * t;
  }
}
