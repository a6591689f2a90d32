/** Planned and actual result of one cook. */
export interface TrendLine {
  readonly createdAt: number;
  readonly pullAt?: number | undefined;
  readonly actualPull?: number | undefined;
  readonly target: number;
  readonly endTemperature?: number | undefined;
  readonly loss?: number | undefined;
  readonly paid?: number | undefined;
  readonly learned?: true | undefined;
}

/** A figure over time, oldest first, and its running middle. */
export interface Trend {
  readonly at: readonly number[];
  readonly value: readonly number[];
  readonly running: readonly number[];
}

/** Cooks each running figure looks back over. */
export const LOOKS_BACK = 8;

const middleOf = (values: readonly number[]): number => {
  const sorted = values.toSorted((a, b) => a - b);
  const half = Math.floor(sorted.length / 2);
  return sorted.length % 2 === 1 ? sorted[half] : (sorted[half - 1] + sorted[half]) / 2;
};

/**
 * A figure of the cooks that have it, over time; its running middle is of its size, whichever way it
 * is off.
 */
export const trendOf = (
  lines: readonly TrendLine[],
  figure: (line: TrendLine) => number | undefined,
): Trend => {
  const found = lines
    .toSorted((a, b) => a.createdAt - b.createdAt)
    .flatMap((line) => {
      const value = figure(line);
      return value === undefined ? [] : [{ at: line.createdAt, value }];
    });
  return {
    at: found.map(({ at }) => at),
    value: found.map(({ value }) => value),
    running: found.map((_, i) =>
      middleOf(
        found.slice(Math.max(0, i + 1 - LOOKS_BACK), i + 1).map(({ value }) => Math.abs(value)),
      ),
    ),
  };
};

/** The pull as it happened over the pull as planned, s. */
export const pullError = ({ pullAt, actualPull }: TrendLine): number | undefined =>
  pullAt === undefined || actualPull === undefined ? undefined : actualPull - pullAt;

/** The end as measured over the end as wanted, K. */
export const endError = ({ target, endTemperature }: TrendLine): number | undefined =>
  endTemperature === undefined ? undefined : endTemperature - target;
