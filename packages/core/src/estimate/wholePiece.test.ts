import { describe, expect, it } from '@jest/globals';
import type { CookEvent } from '../cook/event';
import { CUTS } from '../food';
import { drawForeignKitchen, ForeignCooking } from '../foreign';
import { DEFAULT_PAN } from '../gear';
import { seededRandom } from '../maths';
import { planOnSection, USUAL } from '../plan';
import { Forecaster } from './forecast';
import type { Forecast } from './forecastResult';

const T0 = 1_700_000_000_000;
/** s between the readings, and shares of the plan's pull at which the forecast is looked at. */
const EVERY = 60;
const LOOKS = [0.5, 0.6, 0.7, 0.8, 0.9, 1];

const { thickness, weight } = CUTS['loin-joint'];
const planned = planOnSection({
  ...USUAL,
  cut: 'loin-joint',
  thickness: 0.8 * thickness,
  weight: 0.64 * weight,
  way: 'oven-sear',
  start: 8,
  target: 54,
  lowOven: 150,
});
if (!planned.ok) throw new Error('no plan');
const { plan } = planned;

/** Looks at the forecast of the joint in a kitchen whose physics is not the model's, with a probe in its middle. */
const followed = (seed: number) => {
  const kitchen = drawForeignKitchen(seededRandom(seed));
  const trace = new ForeignCooking(plan, kitchen).trace(EVERY, [plan.pullAt]);
  const readings = trace.moments.map((moment, i): CookEvent => ({
    id: `r${i}`,
    kind: 'reading',
    at: T0 + Math.round(moment * 1000),
    celsius: trace.middles[i]?.[20] ?? NaN,
    by: 'probe',
  }));
  const forecaster = new Forecaster({ plan, plannedIn: T0, pan: DEFAULT_PAN });
  const first: CookEvent = { id: 'in', kind: 'in', at: T0 };
  const looks = LOOKS.map((share) => {
    const now = T0 + share * plan.pullAt * 1000;
    const heard = readings.filter(({ at }) => at <= now);
    const last = heard.at(-1);
    const forecast: Forecast | undefined = forecaster.forecast([first, ...heard], now);
    if (!forecast || last?.kind !== 'reading') throw new Error('no forecast');
    return { now, forecast, shown: last.celsius };
  });
  return { looks, end: trace.ends[0] ?? NaN };
};

describe('the live forecast of a whole piece in kitchens of other physics', () => {
  it.each([3, 8])('agrees with itself and follows its probe (kitchen %i)', (seed) => {
    const { looks, end } = followed(seed);
    for (const { now, forecast, shown } of looks) {
      expect(Math.abs(forecast.core - shown)).toBeLessThan(4);
      // A pull that is still to come ends at the target; one that is due ends over it.
      const due = forecast.pullAt <= now;
      if (due) expect(forecast.end).toBeGreaterThan(plan.request.target - 1);
      else expect(Math.abs(forecast.end - plan.request.target)).toBeLessThan(1);
      expect(forecast.probe.kind).toBe('middle');
    }
    const last = looks.at(-1)?.forecast;
    // Pulled now, as the trace is.
    const slope = 1.5 / (last?.leeway ?? NaN);
    const now = T0 + plan.pullAt * 1000;
    const expected = (last?.end ?? NaN) - (slope * ((last?.pullAt ?? NaN) - now)) / 1000;
    expect(Math.abs(expected - end)).toBeLessThan(1.96 * (last?.endSpread ?? NaN));
  });
});
