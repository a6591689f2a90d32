import type { InputSpread, PlanSpread } from '../legs/planResult';

type Input = InputSpread['input'];

/**
 * Range of the time and of the end temperature from inputs that are not known exactly: each input is moved by its
 * typical error in both directions at the same time of pull, and the effects are added as independent ones. Two runs
 * an input, and two for the slope.
 * @param inputs inputs of the cook, with their typical errors
 * @param peakWith the peak, C, with an input moved by a number of standard deviations, pulled at `seconds`
 * @param nominal the peak, C, with nominal inputs, pulled at `seconds`
 * @param beside standard deviation of the end from other causes, K
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
  const slopeOver = (span: number): number =>
    (nominal(seconds + span) - nominal(seconds - span)) / (2 * span);
  const found: { readonly input: Input; readonly error: number; readonly kelvin: number }[] = [];
  let kelvin = beside * beside;
  for (const [input, error] of inputs) {
    yield null;
    const up = peakWith(input, 1);
    yield null;
    const down = peakWith(input, -1);
    const effect = Math.abs(up - down) / 2;
    kelvin += effect * effect;
    found.push({ input, error, kelvin: effect });
  }
  const endTemperature = Math.sqrt(kelvin);
  // A range of half the time or more is measured over a span as long: near a flat end the slope at it means little.
  const near = slopeOver(nudge);
  const wide = !(near > 0) || endTemperature / near > seconds / 2;
  const slope = wide ? slopeOver(seconds / 2) : near;
  const flat = !(slope > 0) || endTemperature / slope > seconds;
  const timeFor = (effect: number): number =>
    flat ? Math.min(seconds, effect / Math.abs(slope)) : effect / slope;
  const moved = found
    .map(({ input, error, kelvin: effect }): InputSpread => ({
      input,
      error,
      seconds: timeFor(effect),
    }))
    .toSorted((a, b) => b.seconds - a.seconds);
  return {
    seconds: timeFor(endTemperature),
    endTemperature,
    inputs: moved,
    ...(flat ? { flat: true as const } : {}),
  };
}
