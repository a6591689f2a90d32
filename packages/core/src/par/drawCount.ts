import { countChances } from './counts';
import type { DemandForecast } from './fitDemand';

/** A count drawn from a forecast: for demo data and benches. */
export const drawCount = (random: () => number, forecast: DemandForecast): number => {
  let left = random();
  const chances = countChances(forecast);
  for (let n = 0; n < chances.length; n += 1) {
    left -= chances[n];
    if (left < 0) return n;
  }
  return chances.length - 1;
};
