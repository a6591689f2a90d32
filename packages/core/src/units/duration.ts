/** Seconds as `m:ss`, or `h:mm:ss` from an hour up; a leading minus for the past. */
export const showDuration = (seconds: number): string => {
  const whole = Math.round(Math.abs(seconds));
  const sign = seconds < 0 && whole > 0 ? '-' : '';
  const s = String(whole % 60).padStart(2, '0');
  const minutes = Math.floor(whole / 60);
  if (minutes < 60) return `${sign}${minutes}:${s}`;
  return `${sign}${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}:${s}`;
};

/** Seconds in words short enough for a line: `45 s`, `6 min`, `6 min 30 s`. */
export const formatDuration = (seconds: number): string => {
  const whole = Math.round(Math.abs(seconds));
  if (whole < 60) return `${whole} s`;
  const rest = whole % 60;
  return rest === 0 ? `${whole / 60} min` : `${Math.floor(whole / 60)} min ${rest} s`;
};
