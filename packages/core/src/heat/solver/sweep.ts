import { BOILING, LATENT_BOILING } from '../matter/constants';
import { IMPLICIT } from './stepControl';
import type { StepArrays } from './stepArrays';

/** One way through the section: along the columns (z), or along the rows (x or r). */
export interface SweepLayout {
  /** Lines to solve, and cells in each. */
  readonly lines: number;
  readonly length: number;
  /** Cell index from one line's first cell to the next line's, and along a line. */
  readonly lineStride: number;
  readonly stride: number;
}

/** Times the set of boiling cells may be revised within a line: it settles in two or three. */
const MOST_PASSES = 8;
/** Passes after which no cell is released any more, so that the set cannot cycle. */
const LAST_RELEASE = 4;
/** A wet cell this far over the boil is taken to boil, K. */
const OVER = 1e-9;

/** State of a cell in a step: free, held at boiling, or evaporating the last of its water. */
export const FREE = 0;
export const HELD = 1;
export const DRAINED = 2;

/**
 * Solves (C/dt - IMPLICIT A) x = rhs along every line of one direction, where A conducts between the line's
 * cells and to the surroundings at its ends. Wet cells that would pass the boil are held there by an
 * active set, and what they gain beyond it is laid down in `boil`. A cell that has too little water for
 * that spends it all and is then free: a step need not end where a cell runs dry.
 *
 * Both factors of the step have this shape: along the columns rhs is the net power at the step's
 * start, along the rows it is (C/dt) times the columns' change.
 */
export class Sweep {
  /** Whether the line last solved has cells that boil. */
  private boils = false;

  constructor(
    private readonly layout: SweepLayout,
    private readonly arrays: StepArrays,
    /** Between a cell and the next of its line, W/K. */
    private readonly link: Float64Array,
    /** Latent heat leaving a cell per K of its change, W/K. */
    private readonly sink: Float64Array,
    /** Takes the change, K. */
    private readonly x: Float64Array,
  ) {}

  /**
   * @param rhs W
   * @param first conductance to the surroundings at each line's first cell, or null without
   * @param last the same at its last cell
   */
  run(
    temperature: Float64Array,
    water: Float64Array,
    rhs: Float64Array,
    first: Float64Array | null,
    last: Float64Array | null,
    dt: number,
  ): void {
    const { lines, lineStride } = this.layout;
    for (let line = 0; line < lines; line += 1) {
      const from = line * lineStride;
      const g0 = first === null ? 0 : first[line];
      const g1 = last === null ? 0 : last[line];
      for (let pass = 0; pass < MOST_PASSES; pass += 1) {
        // Most lines have no boiling cell and need one pass.
        if (!this.solve(from, temperature, water, rhs, g0, g1, dt)) break;
        if (pass + 1 === MOST_PASSES) break;
        const may = pass < LAST_RELEASE;
        if (!this.revise(from, temperature, water, rhs, g0, g1, dt, may)) break;
      }
      if (this.boils) this.layDown(from, water, rhs, g0, g1, dt);
    }
  }

  /**
   * Thomas's algorithm along one line; the system is diagonally dominant, so without pivoting.
   * @returns whether a cell boils, or has come to it
   */
  private solve(
    from: number,
    temperature: Float64Array,
    water: Float64Array,
    rhs: Float64Array,
    g0: number,
    g1: number,
    dt: number,
  ): boolean {
    const { stride, length } = this.layout;
    const { capacity, held, pivot, right } = this.arrays;
    const { link, sink, x } = this;
    const perSecond = 1 / dt;
    const end = from + (length - 1) * stride;
    let boils = false;
    let before = 0;
    let outside = g0;
    let pivotBefore = 0;
    let rightBefore = 0;
    for (let c = from; c <= end; c += stride) {
      const after = c < end ? IMPLICIT * link[c] : 0;
      if (c === end) outside += g1;
      if (held[c] === HELD) {
        boils = true;
        pivotBefore = 0;
        rightBefore = BOILING - temperature[c];
      } else {
        let source = rhs[c];
        if (held[c] === DRAINED) {
          boils = true;
          source -= this.left(c, water, dt);
        }
        const diagonal = capacity[c] * perSecond + before + after + IMPLICIT * (outside + sink[c]);
        const inverse = 1 / (diagonal - before * pivotBefore);
        pivotBefore = after * inverse;
        rightBefore = (source + before * rightBefore) * inverse;
      }
      pivot[c] = pivotBefore;
      right[c] = rightBefore;
      before = after;
      outside = 0;
    }
    let comes = false;
    let above = 0;
    for (let c = end; c >= from; c -= stride) {
      above = right[c] + pivot[c] * above;
      x[c] = above;
      if (temperature[c] + above > BOILING + OVER && water[c] > 0) comes = true;
    }
    this.boils = boils;
    return boils || comes;
  }

  /** Power that would boil away what a cell has left of its water in a step, W. */
  private left(c: number, water: Float64Array, dt: number): number {
    const { boil, volume } = this.arrays;
    return (water[c] * volume[c] * LATENT_BOILING) / dt - boil[c];
  }

  /** Power a held cell has over what keeps it at the boil, W, without what it had already. */
  private surplus(
    c: number,
    i: number,
    rhs: Float64Array,
    g0: number,
    g1: number,
    dt: number,
  ): number {
    const { stride, length } = this.layout;
    const { link, x } = this;
    const own = x[c];
    let power = -this.sink[c] * own;
    if (i > 0) power += link[c - stride] * (x[c - stride] - own);
    else power -= g0 * own;
    if (i + 1 < length) power += link[c] * (x[c + stride] - own);
    else power -= g1 * own;
    return rhs[c] + IMPLICIT * power - (this.arrays.capacity[c] / dt) * own;
  }

  /** Moves cells in and out of the boiling set; true when the set changed. */
  private revise(
    from: number,
    temperature: Float64Array,
    water: Float64Array,
    rhs: Float64Array,
    g0: number,
    g1: number,
    dt: number,
    mayRelease: boolean,
  ): boolean {
    const { stride, length } = this.layout;
    const { held, boil } = this.arrays;
    let changed = false;
    let c = from;
    for (let i = 0; i < length; i += 1, c += stride) {
      const at = temperature[c] + this.x[c];
      if (held[c] === HELD) {
        const spends = this.surplus(c, i, rhs, g0, g1, dt);
        if (spends > this.left(c, water, dt)) {
          held[c] = DRAINED;
          changed = true;
        } else if (mayRelease && boil[c] + spends < 0) {
          held[c] = FREE;
          changed = true;
        }
      } else if (held[c] === DRAINED) {
        if (!mayRelease || at > BOILING - OVER) continue;
        held[c] = HELD;
        changed = true;
      } else if (water[c] > 0 && at > BOILING + OVER) {
        held[c] = HELD;
        changed = true;
      }
    }
    return changed;
  }

  /** Books what the boiling cells of a line spend on evaporating. */
  private layDown(
    from: number,
    water: Float64Array,
    rhs: Float64Array,
    g0: number,
    g1: number,
    dt: number,
  ): void {
    const { held, boil } = this.arrays;
    let c = from;
    for (let i = 0; i < this.layout.length; i += 1, c += this.layout.stride) {
      if (held[c] === HELD) boil[c] += this.surplus(c, i, rhs, g0, g1, dt);
      else if (held[c] === DRAINED) boil[c] += this.left(c, water, dt);
    }
  }
}
