/**
 * Time at a core temperature that gives a 6.5 log10 reduction of Salmonella in beef: USDA FSIS
 * Appendix A, C and s.
 */
export const LETHALITY_TABLE: readonly (readonly [number, number])[] = [
  [54.4, 112 * 60],
  [57.2, 36 * 60],
  [60, 12 * 60],
  [62.8, 4 * 60],
  [65.6, 67],
  [68.3, 22],
];
const TABLE_LOGS = 6.5;
/** The table's first row, C: no credit is given below it. */
export const NO_CREDIT_BELOW = 54.4;
/** From here the table says "at once", C: no rate above the one reached here is claimed. */
const AT_ONCE = 70;

/**
 * Seconds at a temperature for the table's reduction: log time by straight lines between its rows,
 * the last line on to 70 C. Never shorter than the table, which says "at once" there.
 */
const tableSeconds = (celsius: number): number => {
  const t = Math.min(celsius, AT_ONCE);
  const next = LETHALITY_TABLE.findIndex(([row], i) => i > 0 && t <= row);
  const i = next === -1 ? LETHALITY_TABLE.length - 1 : next;
  const [[t0, s0], [t1, s1]] = [LETHALITY_TABLE[i - 1], LETHALITY_TABLE[i]];
  return s0 * (s1 / s0) ** ((t - t0) / (t1 - t0));
};

/** Log10 reductions per second at a temperature, C. */
export const lethalRate = (celsius: number): number =>
  celsius < NO_CREDIT_BELOW ? 0 : TABLE_LOGS / tableSeconds(celsius);

/** No reduction over this is told: the table says no more than 6.5. */
export const MOST_LOGS = 7;

/**
 * Log10 reduction in the meat that had least of it: the table's rate is integrated in every cell, and the
 * least integral counts. The coldest cell of a moment would not do: it moves when a piece is turned. Intact
 * whole muscle of beef, Salmonella; other hazards are not covered, and codes ask for a temperature or this,
 * not less.
 */
export class Lethality {
  private readonly sums: Float64Array;
  private readonly before: Float64Array;
  private begun = false;

  /** @param cells those that count, as places in the piece's temperatures */
  constructor(private readonly cells: readonly number[]) {
    this.sums = new Float64Array(cells.length);
    this.before = new Float64Array(cells.length);
  }

  /** Least log10 reduction of a cell so far. */
  get logs(): number {
    return this.sums.reduce((least, sum) => Math.min(least, sum), Infinity);
  }

  /**
   * @param temperature of the piece's cells now, C
   * @param seconds since the last time
   */
  follow(temperature: Float64Array, seconds: number): void {
    const { cells, sums, before, begun } = this;
    for (let i = 0; i < cells.length; i += 1) {
      const now = temperature[cells[i]];
      // The rate at the mean temperature: of a rate that bends upwards, never more than its mean.
      sums[i] += seconds * lethalRate(((begun ? before[i] : now) + now) / 2);
      before[i] = now;
    }
    this.begun = true;
  }

  /** Another that has been through the same. */
  copy(): Lethality {
    const made = new Lethality(this.cells);
    made.sums.set(this.sums);
    made.before.set(this.before);
    made.begun = this.begun;
    return made;
  }
}
