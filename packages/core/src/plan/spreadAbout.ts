import type { InputSpread, PlanSpread } from './planResult';

type Input = InputSpread['input'];

/**
 * Range of the time and of the end temperature from what is not known exactly: each input moved by
 * its usual error both ways at the same time of pull, the effects added as independent ones. Two
 * runs an input, and two for the slope.
 * @param inputs those that the cook has, and their usual errors
 * @param peakWith the peak, C, with an input off by so many of its spreads, pulled at `seconds`
 * @param nominal the peak, C, with nothing off, pulled at `seconds`
 * @param beside what else leaves the end open, one deviation, K
 */
export function* spreadAbout(
  inputs: readonly (readonly [Input, number])[],
  seconds: number,
  peakWith: (input: Input, spreads: number) => number,
  nominal: (seconds: number) => number,
  beside: number,
): Generator<null, PlanSpread> {
  const nudge = Math.max(4, seconds * 0.04);
  yield null;
  const slope = (nominal(seconds + nudge) - nominal(seconds - nudge)) / (2 * nudge);
  const found: InputSpread[] = [];
  let kelvin = beside * beside;
  for (const [input, error] of inputs) {
    yield null;
    const up = peakWith(input, 1);
    yield null;
    const down = peakWith(input, -1);
    const effect = Math.abs(up - down) / 2;
    kelvin += effect * effect;
    found.push({ input, error, seconds: effect / slope });
  }
  found.sort((a, b) => b.seconds - a.seconds);
  const endTemperature = Math.sqrt(kelvin);
  return { seconds: endTemperature / slope, endTemperature, inputs: found };
}
