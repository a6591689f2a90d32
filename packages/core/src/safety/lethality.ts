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

/**
 * Log10 reduction at the coldest point: the integral of the table's rate. Intact whole muscle of
 * beef, Salmonella; other hazards are not covered, and codes ask for a temperature or this, not less.
 */
export class Lethality {
  logs = 0;
  private last: number | undefined;

  /** @param coldest temperature at the coldest point now, C */
  follow(coldest: number, seconds: number): void {
    // The rate at the mean temperature: of a rate that bends upwards, never more than its mean.
    this.logs += seconds * lethalRate(((this.last ?? coldest) + coldest) / 2);
    this.last = coldest;
  }

  /** Another that has been through the same. */
  copy(): Lethality {
    const made = new Lethality();
    made.logs = this.logs;
    made.last = this.last;
    return made;
  }
}
