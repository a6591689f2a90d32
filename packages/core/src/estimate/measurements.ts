import {
  isCoreReading,
  isFelt,
  isReading,
  type CookEvent,
  type FeltEvent,
  type ReadingEvent,
} from '../cook/event';
import { thinned } from '../maths/thinned';

/** Most readings used, evenly chosen: more add no information. */
const MOST_READINGS = 100;

/** Readings and felt firmnesses of one cook. */
export interface Measurements {
  readonly readings: readonly ReadingEvent[];
  /** Readings of the core. */
  readonly cores: readonly ReadingEvent[];
  readonly felt: readonly FeltEvent[];
}

/** Measurements since the piece met the heat. @param inAt ms since 1970 */
export const measurementsSince = (inAt: number, effective: readonly CookEvent[]): Measurements => {
  const since = effective.filter(({ at }) => at >= inAt);
  const readings = since.filter(isReading);
  return {
    readings,
    cores: thinned(readings.filter(isCoreReading), MOST_READINGS),
    felt: since.filter(isFelt),
  };
};
