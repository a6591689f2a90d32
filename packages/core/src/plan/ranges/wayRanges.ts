import { deviationAt, NOMINAL_KITCHEN, type PanOnBurner } from '../../gear';
import { inputsOf, inputSpread, modelSpread } from './inputSpread';
import type { PlanSpread, PullWindow } from '../legs/planResult';
import { spreadAbout } from './spreadAbout';
import { MethodSimulator, type SimulationRun } from '../legs/methodSimulator';
import { windowAbout } from './windowAbout';

/**
 * The window about a run of the flat piece: how much sooner or later the pull may be for the peak
 * to move by 1.5 C, the sears as planned.
 */
export const windowOfWay = (
  flat: MethodSimulator,
  run: SimulationRun,
): Generator<null, PullWindow> => {
  const peakAt = (value: number): number => flat.endWith(run, value).reached;
  return windowAbout(peakAt, run.end.reached, run.value, peakAt(0));
};

/** The range of a way's time and end temperature, pulled by the clock. */
export const spreadOfWay = (
  flat: MethodSimulator,
  run: SimulationRun,
  pan: PanOnBurner,
): Generator<null, PlanSpread> => {
  const { request } = flat;
  return spreadAbout(
    inputsOf(request).map((input) => [input, inputSpread(input, request)]),
    run.value,
    (input, spreads) => {
      const off = deviationAt(input, spreads, inputSpread(input, request));
      const deviation = { ...NOMINAL_KITCHEN, [input]: off };
      const cook = new MethodSimulator(request, { pan, deviation });
      cook.reset();
      return cook.endOf(run.legs).reached;
    },
    (seconds) => flat.endWith(run, seconds).reached,
    modelSpread(request),
  );
};
