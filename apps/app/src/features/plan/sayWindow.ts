import { showDuration } from '@crustan/core/units';

/** The window in words, rounded to what a cook can keep. */
export const sayWindow = (seconds: number): string => {
  const whole = seconds < 60 ? Math.round(seconds) : Math.round(seconds / 5) * 5;
  return whole < 90 ? `${whole} s` : showDuration(whole);
};
