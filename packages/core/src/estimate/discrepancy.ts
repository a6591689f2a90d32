import { CholeskyDecomposition, Matrix } from 'ml-matrix';
import type { FitPrior } from '../maths/robustLeastSquares';
import { ERROR_SIZES, errorKindOf, MODEL_ERROR } from '../plan/ranges/modelError';
import type { PlanRequest } from '../plan/request/request';

/**
 * Length of the correlation, share of the time to the pull. The error and its rate both change slowly (Matern, 3/2): a core
 * does not jump from one rate to another. A shorter one follows pieces of other physics no better, and loses the kitchens that the
 * model describes.
 */
const LENGTH = 1;
/** Share of its rise after which the core has the full error. */
const GROWN_AT = 0.25;

/** Shares of the time to the pull between which the process is linear. */
const KNOTS = [0, 0.25, 0.5, 0.75, 1, 1.4] as const;
/** Last part of the time to the pull over which the rate of the core is compared with the model's. */
export const RATE_OVER = 0.25;
/** Parameters of the process: each has a unit normal prior. */
export const DISCREPANCY_COUNT = KNOTS.length;

/**
 * Priors of a fit whose last parameters are those of the process: one for each size that the error may have.
 * @param count parameters of the fit
 */
export const discrepancyPriors = (request: PlanRequest, count: number): readonly FitPrior[] =>
  ERROR_SIZES[errorKindOf(request)].map(({ share, chance }) => ({
    chance,
    sigma: new Float64Array(count).fill(1).fill(share, count - DISCREPANCY_COUNT),
  }));

/** Correlation of the error at two moments. @param apart share of the time to the pull */
const correlation = (apart: number): number => {
  const far = (Math.sqrt(3) * apart) / LENGTH;
  return (1 + far) * Math.exp(-far);
};

const factor = new CholeskyDecomposition(
  new Matrix(KNOTS.map((a) => KNOTS.map((b) => correlation(Math.abs(a - b))))),
).lowerTriangularMatrix.to2DArray();

/**
 * Writes the slopes of the model's own error by each of its parameters, K. The error is the difference between a piece and
 * the model in the kitchen that explains it best. It is a Gaussian process over the share of the time to the pull, so
 * that all readings of a cook have it in common.
 * @param slopes array that takes them, from index `from` on
 * @param share of the time to the pull
 * @param celsius temperature of the model at that moment and place
 */
export const addDiscrepancy = (
  slopes: Float64Array,
  from: number,
  request: PlanRequest,
  share: number,
  celsius: number,
): void => {
  const last = KNOTS.length - 1;
  const found = KNOTS.findIndex((knot) => knot >= share);
  const above = found === -1 ? last : Math.max(1, found);
  const [x0, x1] = [KNOTS[above - 1], KNOTS[above]];
  const weight = Math.min(1, Math.max(0, (share - x0) / (x1 - x0)));
  const whole = request.target - request.start;
  const grown = Math.min(1, Math.max(0, celsius - request.start) / (GROWN_AT * whole));
  const size = MODEL_ERROR[errorKindOf(request)].along * whole * grown;
  for (let k = 0; k < DISCREPANCY_COUNT; k += 1) {
    slopes[from + k] = size * ((1 - weight) * factor[above - 1][k] + weight * factor[above][k]);
  }
};

/**
 * Writes the slopes of the model's own error of the end, K. A core that rises slower than the model when it is pulled has less
 * heat round it, and rises less in the rest in proportion. In kitchens of other physics the ratio of the rise to the rate is close
 * to the model's; the rise itself is not (docs/validation.md). Therefore the error continues at its rate of the last part of the
 * cook.
 * @param slopes array that takes them, from index `from` on
 * @param celsius temperature of the model at the end
 * @param carried share of the time to the pull in which the core would reach the end at its last rate
 */
export const addEndDiscrepancy = (
  slopes: Float64Array,
  from: number,
  request: PlanRequest,
  celsius: number,
  carried: number,
): void => {
  addDiscrepancy(slopes, from, request, 1, celsius);
  const before = new Float64Array(DISCREPANCY_COUNT);
  addDiscrepancy(before, 0, request, 1 - RATE_OVER, celsius);
  for (let k = 0; k < DISCREPANCY_COUNT; k += 1) {
    slopes[from + k] += (carried / RATE_OVER) * (slopes[from + k] - before[k]);
  }
};
