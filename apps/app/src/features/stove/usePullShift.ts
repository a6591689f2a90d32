import { useState } from 'react';
import type { Forecast } from '@crustan/core/estimate/forecastResult';

interface Kept {
  readonly readings: number;
  readonly pullAt: number;
  /** Change of the pull by the last reading, ms; undefined: several came at once. */
  readonly shift: number | undefined;
}

/** Change of the forecast's pull by the last single reading, ms; undefined before one, and without a forecast. */
export const usePullShift = (forecast: Forecast | undefined): number | undefined => {
  const [kept, setKept] = useState<Kept>();
  if (!forecast) return undefined;
  const { readings, pullAt } = forecast;
  if (!kept || kept.readings !== readings || kept.pullAt !== pullAt) {
    const shift =
      kept?.readings === readings
        ? kept.shift
        : kept && readings === kept.readings + 1
          ? pullAt - kept.pullAt
          : undefined;
    setKept({ readings, pullAt, shift });
  }
  return kept?.shift;
};
