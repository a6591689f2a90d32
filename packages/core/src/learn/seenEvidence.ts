import type { Observation } from '../maths/robustLeastSquares';
import type { TracedRun } from '../estimate/tracedRun';
import type { LoggedCook, SeenResult } from './loggedCook';

/** Error of one line that is drawn on a photograph, m. A slice has two grey bands of two lines each. Estimate. */
const LINE_ERROR = 0.001;
const LINES = 4;
/**
 * Standard deviation of the model's loss: as a share of the loss, and the least, as a share of the weight. The losses of whole
 * joints differ from practice by a fifth. Estimates.
 */
const LOSS_ERROR = { share: 0.25, least: 0.02 } as const;

/** Sorts of results that are seen, with the figure of the model that each measures. */
type SeenKind = keyof SeenResult;

interface SeenFigure {
  /** Measured value in the figure's unit; undefined: none that can be used. */
  readonly measured: (cook: LoggedCook) => number | undefined;
  readonly figure: (run: TracedRun) => number;
  /** Standard deviation of what was seen about the model. */
  readonly sigma: (run: TracedRun, seen: SeenResult) => number;
  /** Whether the model's own error of the core's temperature is in it. */
  readonly isCore: boolean;
}

export const SEEN_FIGURES: Readonly<Record<SeenKind, SeenFigure>> = {
  grey: {
    measured: ({ seen }) => seen?.grey,
    figure: ({ grey }) => grey.central,
    sigma: ({ grey }) => Math.hypot(Math.sqrt(LINES) * LINE_ERROR, (grey.most - grey.least) / 2),
    isCore: false,
  },
  loss: {
    measured: ({ seen }) => seen?.loss,
    figure: ({ loss }) => loss,
    sigma: ({ loss }) => Math.max(LOSS_ERROR.least, LOSS_ERROR.share * loss),
    isCore: false,
  },
  doneness: {
    // A cook who measured the end sees what was measured.
    measured: ({ seen, endTemperature }) =>
      endTemperature === undefined ? seen?.doneness?.celsius : undefined,
    figure: ({ end }) => end.reached,
    sigma: (_run, { doneness }) => doneness?.sigma ?? Infinity,
    isCore: true,
  },
};
export const SEEN_KINDS = ['grey', 'loss', 'doneness'] as const satisfies readonly SeenKind[];

/** Number of results of a cook that are seen and can be used. */
export const seenCount = (cook: LoggedCook): number =>
  SEEN_KINDS.filter((kind) => SEEN_FIGURES[kind].measured(cook) !== undefined).length;

/**
 * The observations of a finished piece by the eye and the scales.
 * @param run the model in the kitchen about which the observations are linear
 * @param slopesOf slopes of a figure of the model by each parameter, with the model's own error if it is a core temperature
 */
export const seenRows = (
  cook: LoggedCook,
  run: TracedRun,
  slopesOf: (figure: (of: TracedRun) => number, isCore: boolean) => Float64Array,
): readonly (Observation & { readonly kind: SeenKind })[] => {
  const { seen } = cook;
  if (!seen) return [];
  return SEEN_KINDS.flatMap((kind) => {
    const { measured, figure, sigma, isCore } = SEEN_FIGURES[kind];
    const value = measured(cook);
    if (value === undefined) return [];
    const row = { measured: value, predicted: figure(run), slopes: slopesOf(figure, isCore) };
    return [{ ...row, sigma: sigma(run, seen), kind }];
  });
};
