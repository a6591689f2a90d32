import type { ThawPlace } from '../heat/ice/icePlaces';
import type { Airing, PlanRequest } from '../plan/request/request';
import { AIRED_FROM, AWKWARD } from '../plan/request/schools';
import { heatStartFor, type Run, type RunStep } from './run';

/** Possible correction of a step whose time has passed. Times in ms since 1970. */
export type LateStep =
  /** A shorter version of the step, for the same plate: change of the request. */
  | {
      readonly step: RunStep;
      readonly due: number;
      readonly change:
        | Pick<PlanRequest, 'saltAhead' | 'surface'>
        | Pick<PlanRequest, 'temper'>
        | Pick<PlanRequest, 'airing' | 'surface'>
        | { readonly thaw: ThawPlace };
    }
  /** It takes as long as it takes: the earliest plate. */
  | { readonly step: RunStep; readonly due: number; readonly plateAt: number };

/** Fastest way of thawing in which no part stands warm. */
const QUICKEST_THAW = 'running-water';

/** Shorter is given up to a whole part of the clock, s. */
const SALT_PARTS = 300;
const TEMPER_PARTS = 60;
const HOUR = 3600;

/** Salting in the available time: unchanged, or at the pan if the brine would still be out. */
const saltIn = (
  left: number,
  { surface, airing }: PlanRequest,
): Pick<PlanRequest, 'saltAhead' | 'surface'> => {
  const whole = Math.floor(left / SALT_PARTS) * SALT_PARTS;
  const saltAhead = whole > AWKWARD[1] ? whole : 0;
  return {
    saltAhead,
    surface: surface === 'aired' && !airing && saltAhead < AIRED_FROM ? 'dry' : surface,
  };
};

/** Drying for as long as is left, in whole hours; patted dry where that is too little. */
const dryIn = (left: number, airing: Airing): Pick<PlanRequest, 'airing' | 'surface'> => {
  const seconds = Math.floor(left / HOUR) * HOUR;
  return seconds < HOUR
    ? { airing: undefined, surface: 'dry' }
    : { airing: { ...airing, seconds }, surface: 'aired' };
};

/**
 * Steps of a timeline whose time passed before anything was begun, in their order, each with the best remaining
 * option: less salting or tempering, a quicker thaw, a later plate for steps that cannot be shortened.
 * @param plateAt ms since 1970
 */
export const lateSteps = (
  run: Run,
  request: PlanRequest,
  plateAt: number,
  now: number,
): readonly LateStep[] => {
  const inAt = heatStartFor(run, plateAt);
  const left = Math.max(0, (inAt - now) / 1000);
  return run.steps.flatMap((step): readonly LateStep[] => {
    const due = inAt + step.at * 1000;
    if (due >= now) return [];
    if (step.kind === 'salt') return [{ step, due, change: saltIn(left, request) }];
    if (step.kind === 'dry' && request.airing) {
      return [{ step, due, change: dryIn(left, request.airing) }];
    }
    if (step.kind === 'temper') {
      const temper = Math.floor(left / TEMPER_PARTS) * TEMPER_PARTS;
      return [{ step, due, change: { temper } }];
    }
    if (step.kind === 'thaw' && request.thaw !== QUICKEST_THAW) {
      return [{ step, due, change: { thaw: QUICKEST_THAW } }];
    }
    return [{ step, due, plateAt: plateAt + (now - due) }];
  });
};

/** The next step of a run that is due, and when, ms since 1970; undefined once the plate is past. */
export const nextDue = (
  run: Run,
  plateAt: number,
  now: number,
): { readonly step: RunStep; readonly at: number } | undefined => {
  const inAt = heatStartFor(run, plateAt);
  const step = run.steps.find(({ at }) => inAt + at * 1000 >= now);
  return step && { step, at: inAt + step.at * 1000 };
};
