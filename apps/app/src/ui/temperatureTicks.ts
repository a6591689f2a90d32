import { scaleLinear } from 'd3-scale';
import { UNITS, type UnitSystem } from '@crustan/core/units';

/**
 * Marks of a temperature axis at round figures of the cook's own units.
 * @param low C
 * @param high C
 * @param count their approximate number
 * @returns C
 */
export const temperatureTicks = (
  units: UnitSystem,
  low: number,
  high: number,
  count: number,
): readonly number[] => {
  const { fromSi, toSi } = UNITS[units].temperature;
  return scaleLinear()
    .domain([fromSi(low), fromSi(high)])
    .ticks(count)
    .map(toSi);
};
