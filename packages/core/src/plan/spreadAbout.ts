import type { InputSpread, PlanSpread } from './planResult';

type Input = InputSpread['input'];

/**
 * How far a cook's own figures are usually off, one standard deviation: a ruler on a bulging
 * piece, the published scatter of contact coefficients, a fridge's shelves, an oven's dial, a pan
 * judged by eye or by an infrared thermometer. Our estimates.
 */
export const USUAL_ERRORS: Readonly<Record<Input, number>> = {
  thickness: 0.0015,
  contact: 0.2,
  start: 2,
  oven: 8,
  pan: 12,
};

/**
 * Range of the time and of the end temperature from what is not known exactly: each input moved by
 * its usual error both ways at the same time of pull, the effects added as independent ones. Two
 * runs an input, and two for the slope.
 * @param inputs those that the cook has
 * @param peakWith the peak, C, with an input off by an error (its own unit), pulled at `seconds`
 * @param nominal the peak, C, with nothing off, pulled at `seconds`
 */
export function* spreadAbout(
  inputs: readonly Input[],
  seconds: number,
  peakWith: (input: Input, error: number) => number,
  nominal: (seconds: number) => number,
): Generator<null, PlanSpread> {
  const nudge = Math.max(4, seconds * 0.04);
  yield null;
  const slope = (nominal(seconds + nudge) - nominal(seconds - nudge)) / (2 * nudge);
  const found: InputSpread[] = [];
  let kelvin = 0;
  for (const input of inputs) {
    const error = USUAL_ERRORS[input];
    yield null;
    const up = peakWith(input, error);
    yield null;
    const down = peakWith(input, -error);
    const effect = Math.abs(up - down) / 2;
    kelvin += effect * effect;
    found.push({ input, error, seconds: effect / slope });
  }
  found.sort((a, b) => b.seconds - a.seconds);
  const endTemperature = Math.sqrt(kelvin);
  return { seconds: endTemperature / slope, endTemperature, inputs: found };
}
