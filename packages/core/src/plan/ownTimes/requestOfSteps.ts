import { wayOfSteps } from './ownLegs';
import type { OwnStep } from '../legs/ownSteps';
import type { PlanRequest } from '../request/request';
import { usesLowOven, usesOven } from '../request/way';

/** A request as its steps have it: their way, their pan and their oven, and nothing that they leave out. */
export const requestOfSteps = (asked: PlanRequest, steps: readonly OwnStep[]): PlanRequest => {
  const way = wayOfSteps(steps);
  const inPan = steps.flatMap((step) => (step.do === 'pan' ? [step] : []));
  const request: PlanRequest = {
    ...asked,
    way,
    edges: 'none',
    baste: 0,
    panAfter: undefined,
    hold: undefined,
    pan: inPan.find(({ pan }) => pan !== undefined)?.pan ?? asked.pan,
    every: inPan.find(({ every }) => every !== undefined)?.every ?? asked.every,
  };
  const air = steps.find((step) => step.do === 'oven')?.air;
  if (!usesOven(way) || air === undefined) return request;
  return { ...request, [usesLowOven(way) ? 'lowOven' : 'hotOven']: air };
};
