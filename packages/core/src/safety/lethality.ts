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
/** No credit is given below this, C. */
export const NO_CREDIT_BELOW = 54;
/** From here the table says "at once", C: no rate above it is claimed. */
const AT_ONCE = 70;

/** D(T) = D60 x 10^((60 - T) / z): seconds per tenfold reduction. */
export interface Inactivation {
  /** s at 60 C. */
  readonly d60: number;
  /** K per tenfold change of D. */
  readonly z: number;
}

/** The straight line of log10 D over T that fits the table best, by least squares. */
export const fitInactivation = (table = LETHALITY_TABLE): Inactivation => {
  const n = table.length;
  const mean = (of: (row: readonly [number, number]) => number): number =>
    table.reduce((sum, row) => sum + of(row), 0) / n;
  const logD = ([, seconds]: readonly [number, number]): number => Math.log10(seconds / TABLE_LOGS);
  const t0 = mean(([t]) => t);
  const y0 = mean(logD);
  const slope = mean((row) => (row[0] - t0) * (logD(row) - y0)) / mean(([t]) => (t - t0) ** 2);
  return { d60: 10 ** (y0 + slope * (60 - t0)), z: -1 / slope };
};

const SALMONELLA_IN_BEEF = fitInactivation();

/** Log10 reductions per second at a temperature, C. */
export const lethalRate = (celsius: number, { d60, z } = SALMONELLA_IN_BEEF): number =>
  celsius < NO_CREDIT_BELOW ? 0 : 10 ** ((Math.min(celsius, AT_ONCE) - 60) / z) / d60;

/**
 * Log10 reduction at the coldest point: the integral of dt / D(T). Intact whole muscle of beef,
 * Salmonella; other hazards are not covered, and codes ask for a temperature or this, not less.
 */
export class Lethality {
  logs = 0;
  private last: number | undefined;

  /** @param coldest temperature at the coldest point now, C */
  follow(coldest: number, seconds: number): void {
    const rate = lethalRate(coldest);
    this.logs += (seconds * ((this.last ?? rate) + rate)) / 2;
    this.last = rate;
  }
}
