import type { PanOnBurner } from '../gear';
import type { InputSpread, PlanSpread, PullWindow } from './planResult';
import type { PlanRequest } from './request';
import { spreadAbout } from './spreadAbout';
import type { CookDisturbance } from './stagedCook';
import { usesOven } from './way';
import { WayCook } from './wayCook';
import { windowAbout } from './windowAbout';

type Input = InputSpread['input'];

const PAN_INPUTS: readonly Input[] = ['thickness', 'contact', 'start', 'pan'];

/**
 * The window about a value of the unknown: how much sooner or later the pull may be for the peak to
 * move by 1.5 C, the sears as planned.
 */
export const windowOfWay = (flat: WayCook, value: number): Generator<null, PullWindow> => {
  const lowest = flat.endAfter(0).peak;
  return windowAbout((x) => flat.endAfter(x).peak, flat.endAfter(value).peak, value, lowest);
};

/** The request and the kitchen with one input off by an error of its own unit. */
const off = (
  request: PlanRequest,
  input: Input,
  error: number,
): readonly [PlanRequest, CookDisturbance] => {
  switch (input) {
    case 'thickness':
      return [{ ...request, thickness: request.thickness + error }, {}];
    case 'start':
      return [{ ...request, start: request.start + error }, {}];
    case 'contact':
      return [request, { contact: 1 + error }];
    case 'pan':
      return [request, { pan: error }];
    case 'oven':
      return [request, { oven: error }];
  }
};

/** The range of a way's time and end temperature, pulled by the clock. */
export const spreadOfWay = (
  flat: WayCook,
  value: number,
  pan: PanOnBurner,
): Generator<null, PlanSpread> => {
  const { request } = flat;
  const settled = flat.settledLegs();
  return spreadAbout(
    usesOven(request.way) ? [...PAN_INPUTS, 'oven'] : PAN_INPUTS,
    value,
    (input, error) => {
      const [other, disturbance] = off(request, input, error);
      return new WayCook(other, { pan, disturbance }, settled).endAfter(value).peak;
    },
    (seconds) => flat.endAfter(seconds).peak,
  );
};
