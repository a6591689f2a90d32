import { showDuration } from '@crustan/core/units';

/** How early or late, no finer than a thumb can keep. */
export const sayWindow = (seconds: number): string => {
  const whole = seconds < 60 ? Math.round(seconds) : Math.round(seconds / 5) * 5;
  return whole < 90 ? `${whole} s` : showDuration(whole);
};
