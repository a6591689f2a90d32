import type { Forecast } from '@crustan/core/estimate/forecastResult';
import { NOMINAL_KITCHEN } from '@crustan/core/gear/kitchenDeviation';

/** Forecast with eight readings, for an oven with this offset, K. */
export const forecastOf = (pullAt: number, oven = -12): Forecast => ({
  kitchen: { ...NOMINAL_KITCHEN, oven },
  sigma: { oven: 3, contact: 0.17, thickness: 0.002, ovenHeat: 0.1, start: 2 },
  ovenLike: { over: oven, sigma: 3 },
  pullAt,
  pullSpread: 90,
  decided: false,
  pullCore: 48.2,
  leeway: 200,
  end: 54,
  endSpread: 0.8,
  peakAfter: 300,
  core: 31,
  probe: { kind: 'middle', chance: 0.97 },
  readings: 8,
});
