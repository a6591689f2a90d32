import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import type { Forecast } from '../estimate/forecastResult';
import { NOMINAL_KITCHEN } from '../gear';
import { OPTION_IDS, type TroubleOption } from './troubleOptions';
import { troubleAhead, chooseFix } from './chooseFix';

const forecast: Forecast = {
  kitchen: NOMINAL_KITCHEN,
  sigma: { oven: 5, contact: 0.1, thickness: 0.001, start: 1, ovenHeat: 0.1 },
  ovenLike: undefined,
  pullAt: 0,
  pullSpread: 60,
  decided: false,
  pullCore: 50,
  leeway: 90,
  end: 54,
  endSpread: 0.5,
  peakAfter: 200,
  core: 40,
  probe: { kind: 'middle', chance: 1 },
  readings: 4,
};

const options = fc.record({
  id: fc.constantFrom(...OPTION_IDS.filter((id) => id !== 'as-is')),
  seconds: fc.integer({ min: 0, max: 9000 }),
  restSeconds: fc.integer({ min: 0, max: 900 }),
  peak: fc.double({ min: 45, max: 70, noNaN: true }),
});
const option = (one: {
  readonly id: TroubleOption['id'];
  readonly seconds: number;
  readonly restSeconds: number;
  readonly peak: number;
}): TroubleOption => ({
  ...one,
  legs: [],
  sliceCore: one.peak - 1,
  browning: [2, 2],
});

describe('a way out that is offered', () => {
  it('is better than going on, by the plate and the end together, and is never going on itself', () => {
    fc.assert(
      fc.property(
        fc.array(options, { maxLength: 6 }),
        options,
        fc.record({
          target: fc.double({ min: 48, max: 66, noNaN: true }),
          slicedIn: fc.integer({ min: 0, max: 9000 }),
        }),
        (others, going, wanted) => {
          const asIs = option({ ...going, id: 'as-is' });
          const all = [...others.map(option), asIs];
          const found = chooseFix(all, wanted);
          if (!found) return;
          expect(found.option.id).not.toBe('as-is');
          const worseEnd =
            Math.abs(found.option.peak - wanted.target) >
            Math.abs(asIs.peak - wanted.target) + 0.75;
          const worsePlate = Math.abs(found.late) > Math.abs(found.lateAsIs);
          expect(worseEnd && worsePlate).toBe(false);
        },
      ),
    );
  });

  it('lands the plate sooner at the wanted end, rather than soonest at another', () => {
    const wanted = { target: 54, slicedIn: 1800 };
    const found = chooseFix(
      [
        option({ id: 'oven-up', seconds: 1900, restSeconds: 300, peak: 54.2 }),
        option({ id: 'out-now', seconds: 0, restSeconds: 300, peak: 44 }),
        option({ id: 'as-is', seconds: 4500, restSeconds: 300, peak: 54 }),
      ],
      wanted,
    );
    expect(found).toMatchObject({ late: 400, lateAsIs: 3000, option: { id: 'oven-up' } });
    expect(chooseFix([], wanted)).toBeUndefined();
  });
});

describe('trouble that is seen coming', () => {
  it('is sure of itself, and comes of readings', () => {
    const late = { late: 900, untilPull: 1200 };
    expect(troubleAhead(forecast, late)).toEqual({ trouble: 'late', by: 900 });
    expect(troubleAhead({ ...forecast, readings: 0 }, late)).toBeUndefined();
    expect(troubleAhead({ ...forecast, pullSpread: 700 }, late)).toBeUndefined();
    expect(troubleAhead(forecast, { ...late, late: -600 })).toEqual({ trouble: 'early', by: 600 });
    expect(troubleAhead(forecast, { late: 60, untilPull: -200 })).toMatchObject({
      trouble: 'overshoot',
    });
    expect(troubleAhead({ ...forecast, decided: true }, late)).toBeUndefined();
  });
});
