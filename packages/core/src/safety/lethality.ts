import { isFish, type Species } from '../food/species';

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

/** Whether the table is used for an animal: it was made for beef, and is not applied to duck and fish. */
export const isTableFor = (species: Species): boolean => species !== 'duck' && !isFish(species);

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

/** Rates between the first row and 70 C at even steps, K: the solver asks for every cell at every step. */
const RATE_STEP = 0.02;
const RATES = Float64Array.from(
  { length: Math.round((AT_ONCE - NO_CREDIT_BELOW) / RATE_STEP) + 1 },
  (_, i) => lethalRate(NO_CREDIT_BELOW + i * RATE_STEP),
);

/** The same at the step below the temperature: never more than the table's. */
const rateBelow = (celsius: number): number => {
  if (celsius < NO_CREDIT_BELOW) return 0;
  const step = Math.floor((celsius - NO_CREDIT_BELOW) / RATE_STEP);
  return RATES[Math.min(step, RATES.length - 1)];
};

/** Largest log10 reduction that is shown as a number: the published table ends at 6.5. */
export const MOST_LOGS = 7;

/**
 * Least log10 reduction among the cells of the meat: the rate of the table is integrated in each cell. Integrating the
 * coldest temperature instead would give too little, because the coldest cell changes when a piece is turned.
 * Valid for Salmonella in intact whole muscle of beef. Codes require a temperature or this reduction.
 */
export class Lethality {
  private readonly sums: Float64Array;
  private readonly before: Float64Array;
  private begun = false;

  /** @param cells indices into the piece's temperatures */
  constructor(private readonly cells: readonly number[]) {
    this.sums = new Float64Array(cells.length);
    this.before = new Float64Array(cells.length);
  }

  /** Least log10 reduction over the cells; 0 without cells. */
  get logs(): number {
    return this.sums.length === 0 ? 0 : this.sums.reduce((least, sum) => Math.min(least, sum));
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
      sums[i] += seconds * rateBelow(((begun ? before[i] : now) + now) / 2);
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
