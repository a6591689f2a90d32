import { showDuration } from '@crustan/core/units';
import { t } from './t';

/** Window in words, rounded to a duration that a cook can follow. */
export const formatWindow = (seconds: number): string => {
  const whole = seconds < 60 ? Math.round(seconds) : Math.round(seconds / 5) * 5;
  return whole < 90 ? t('s', { whole }) : showDuration(whole);
};
