import type { TracedRun } from './tracedRun';

/** Finite-difference step of the estimated deviations, spreads. */
export const LINEAR_STEP = 0.5;

/** The model about a point: what every probe reads along the cook, and how that and the end move. */
export interface LinearModel {
  /** The presses it was made for. */
  readonly key: string;
  /** Evenly spaced from the first heat, s. */
  readonly moments: readonly number[];
  readonly base: TracedRun;
  readonly moved: readonly TracedRun[];
  /** K per second of the pull. */
  readonly endSlope: number;
  readonly point: Float64Array;
  /** s from the first heat. */
  readonly pull: number;
}

/** Temperature of a run at a depth and a moment, by interpolation, C. */
export const valueAt = (
  { moments }: Pick<LinearModel, 'moments'>,
  { seen }: TracedRun,
  depth: number,
  seconds: number,
): number => {
  const n = moments.length;
  const at = Math.min(n - 1.001, Math.max(0, seconds / moments[1]));
  const below = Math.floor(at);
  const low = seen[depth * n + below];
  return low + (seen[depth * n + below + 1] - low) * (at - below);
};

/** Linear change of a figure from the point to `mean`. */
export const linearChange = (
  { base, moved, point }: LinearModel,
  mean: ArrayLike<number>,
  figure: (run: TracedRun) => number,
): number => {
  const from = figure(base);
  return moved.reduce(
    (sum, run, j) => sum + ((figure(run) - from) / LINEAR_STEP) * (mean[j] - point[j]),
    0,
  );
};
