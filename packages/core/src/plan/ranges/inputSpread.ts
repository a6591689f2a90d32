import { COOK_SPREAD, TOTAL_SPREAD } from '../../gear';
import { ESTIMATES, type Estimate, type EstimateName } from '../../heat';
import { ESTIMATE_EFFECTS } from './estimateEffects';
import { errorKindOf, MODEL_ERROR } from './modelError';
import type { InputSpread } from '../legs/planResult';
import { modelOf, type PlanRequest } from '../request/request';
import { usesOven } from '../request/way';

type Input = InputSpread['input'];

/** Standard deviation of an estimate that is uniform over its range, as a share of its value. */
const shareOf = ({ value, least, most }: Estimate): number =>
  (most - least) / 2 / Math.sqrt(3) / value;

const PAN_INPUTS: readonly Input[] = ['thickness', 'contact', 'start', 'pan'];

/** Inputs of a request that a cook cannot know exactly: a kitchen model has more inputs, and an oven too. */
export const inputsOf = (request: PlanRequest): readonly Input[] => {
  const oven = usesOven(request.way);
  const { panBody } = modelOf(request);
  return [
    ...PAN_INPUTS,
    ...(panBody ? (['burner'] as const) : []),
    ...(oven ? (['oven', 'ovenHeat'] as const) : []),
  ];
};

/** Standard deviation of an input after calibration: the scatter from cook to cook and the remaining uncertainty. */
const afterLearning = (input: Input, { learned }: PlanRequest): number => {
  if (input === 'pan' || input === 'start') return TOTAL_SPREAD[input];
  const doubt = learned?.known?.[input];
  if (doubt === undefined) return TOTAL_SPREAD[input];
  const own = input === 'burner' ? 0 : COOK_SPREAD[input];
  return Math.min(TOTAL_SPREAD[input], Math.hypot(doubt, own));
};

/**
 * Standard deviation of an input from its stated value, in its own unit (factors as their logarithm). In a kitchen the
 * contact includes the unknown of a face that dries in fat, that is not pressed, and that bulges when it is turned.
 */
export const inputSpread = (input: Input, request: PlanRequest): number => {
  const learned = afterLearning(input, request);
  if (input !== 'contact') return learned;
  const { fatFilm, bulges } = modelOf(request);
  const { filmContact, looseContact, bulgedContact } = ESTIMATES;
  const loose = request.press === 'loose';
  return Math.hypot(
    learned,
    fatFilm ? shareOf(filmContact) / 2 : 0,
    bulges && loose ? shareOf(looseContact) : 0,
    // A turn's bulge takes a share of the time between turns.
    bulges && loose && request.way === 'often' ? shareOf(bulgedContact) / 3 : 0,
  );
};

/** Estimates that apply if the cook has the equipment; once the oven is calibrated, its calibration includes them. */
const IN_OVEN: Readonly<Partial<Record<EstimateName, (request: PlanRequest) => boolean>>> = {
  gasVapour: ({ ovenFuel }) => ovenFuel === 'gas',
  trayCoefficient: ({ tray }) => tray,
  trayCooler: ({ tray }) => tray,
};

const counts = (estimate: string, request: PlanRequest): boolean => {
  const has = Object.entries(IN_OVEN).find(([name]) => name === estimate)?.[1];
  if (!has) return true;
  return has(request) && request.learned?.known?.ovenHeat === undefined;
};

/**
 * Standard deviation of the end by the clock that comes from the model, K; zero for the baseline. It is the model's own error
 * in kitchens of other physics, or the effect of its estimates where that is larger.
 */
export const modelSpread = (request: PlanRequest): number =>
  request.model === 'kitchen'
    ? Math.max(
        estimatesSpread(request),
        MODEL_ERROR[errorKindOf(request)].clock * (request.target - request.start),
      )
    : 0;

/** Standard deviation of an end from the model's own estimates, K; 0 for the baseline. */
export const estimatesSpread = (request: PlanRequest): number =>
  request.model === 'kitchen'
    ? Math.hypot(
        ...Object.entries(ESTIMATE_EFFECTS[request.way])
          .filter(([estimate]) => counts(estimate, request))
          .map(([, kelvin]) => kelvin),
      )
    : 0;
