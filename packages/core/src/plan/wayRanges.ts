import type { PanOnBurner } from '../gear';
import type { InputSpread, PlanSpread, PullWindow } from './planResult';
import type { PlanRequest } from './request';
import { spreadAbout } from './spreadAbout';
import type { CookDisturbance } from './stagedCook';
import { usesOven } from './way';
import { WayCook, type WayRun } from './wayCook';
import { windowAbout } from './windowAbout';

type Input = InputSpread['input'];

const PAN_INPUTS: readonly Input[] = ['thickness', 'contact', 'start', 'pan'];

/**
 * The window about a run of the flat piece: how much sooner or later the pull may be for the peak
 * to move by 1.5 C, the sears as planned.
 */
export const windowOfWay = (flat: WayCook, run: WayRun): Generator<null, PullWindow> => {
  const peakAt = (value: number): number => flat.endWith(run, value).peak;
  return windowAbout(peakAt, run.end.peak, run.value, peakAt(0));
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
  run: WayRun,
  pan: PanOnBurner,
): Generator<null, PlanSpread> => {
  const { request } = flat;
  return spreadAbout(
    usesOven(request.way) ? [...PAN_INPUTS, 'oven'] : PAN_INPUTS,
    run.value,
    (input, error) => {
      const [other, disturbance] = off(request, input, error);
      const cook = new WayCook(other, { pan, disturbance });
      cook.reset();
      return cook.endOf(run.legs).peak;
    },
    (seconds) => flat.endWith(run, seconds).peak,
  );
};
