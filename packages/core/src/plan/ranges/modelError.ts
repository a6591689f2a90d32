import { cutOf, type PlanRequest } from '../request/request';
import { usesOven } from '../request/way';

/** Kinds of cook by how well the model knows them. */
export type ErrorKind = 'once' | 'pan' | 'oven' | 'whole';

export interface ModelErrorSize {
  /** Of the end after a planned time, share of the rise from the start to the target. */
  readonly clock: number;
  /** Of the core along a cook in the kitchen that explains it best, share of the same rise. */
  readonly along: number;
  /**
   * Of the end, by what the piece does differently after the last reading: share of the same rise if none was taken, and less by
   * the root of the time that is left. Zero in a pan, where the readings by hand are less sure than the model.
   */
  readonly ahead: number;
  /** Of the rise from the pull to the end, its share, once the rate of the core at the pull is known. */
  readonly rest: number;
}

/**
 * The model's own error, one standard deviation. Sized from cooks in kitchens of other physics (`bench -- foreign` and
 * `foreign-live`, seeds 101 and 102; the seeds that are reported were not used): see docs/validation.md. Least is known
 * of a face that lies long on iron, and of a whole piece, which dries for hours.
 */
export const MODEL_ERROR: Readonly<Record<ErrorKind, ModelErrorSize>> = {
  once: { clock: 0.16, along: 0.22, ahead: 0, rest: 0.12 },
  pan: { clock: 0.07, along: 0.06, ahead: 0, rest: 0.12 },
  oven: { clock: 0.04, along: 0.1, ahead: 0.1, rest: 0.12 },
  whole: { clock: 0.04, along: 0.16, ahead: 0.16, rest: 0.2 },
};

/** One size that the error along a cook may have, as a share of `MODEL_ERROR`, and how common it is before any reading. */
interface ErrorSize {
  readonly share: number;
  readonly chance: number;
}

/**
 * The model describes some pieces well and others badly: their readings tell which. No whole piece in a kitchen of other
 * physics was described well. Sized from the same seeds: with one size, the readings of a piece that the model
 * describes well would count for too little.
 */
const TOLD_BY_READINGS: readonly ErrorSize[] = [
  { share: 0.2, chance: 0.3 },
  { share: 1.6, chance: 0.7 },
];
export const ERROR_SIZES: Readonly<Record<ErrorKind, readonly ErrorSize[]>> = {
  once: TOLD_BY_READINGS,
  pan: TOLD_BY_READINGS,
  oven: TOLD_BY_READINGS,
  whole: [{ share: 1, chance: 1 }],
};

/** Standard deviation of the model in a rest without any rise, K. Estimate, 0.3 to 0.8. */
const REST_LEAST = 0.5;

export const errorKindOf = (request: Pick<PlanRequest, 'cut' | 'own' | 'way'>): ErrorKind => {
  if (cutOf(request).whole) return 'whole';
  if (usesOven(request.way)) return 'oven';
  return request.way === 'once' || request.way === 'skin-down' ? 'once' : 'pan';
};

/** Standard deviation of the end about what the core at the pull leads to, K. @param rise from the pull to the end, K */
export const restDeviation = (
  request: Pick<PlanRequest, 'cut' | 'own' | 'way'>,
  rise: number,
): number => Math.hypot(REST_LEAST, MODEL_ERROR[errorKindOf(request)].rest * rise);

/**
 * Standard deviation of the end by what no reading contains yet, K.
 * @param passed time of the last reading, share of the time to the pull; 0 without one
 */
export const aheadDeviation = (request: PlanRequest, passed: number): number =>
  MODEL_ERROR[errorKindOf(request)].ahead *
  (request.target - request.start) *
  Math.sqrt(Math.max(0, 1 - passed));
