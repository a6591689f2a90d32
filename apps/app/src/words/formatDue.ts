import { t } from '../t';

/** Lateness from which a task is reported, s. */
const LATE = 20;
/** Within this of its time a task is due, s. */
const NOW = 3;

const formatShort = (seconds: number): string =>
  seconds < 60
    ? t('s', { seconds })
    : `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;

/** Time left to a task: `2:05`, `now`, `40 s late`. @param seconds time left, negative if it is over */
export const formatDue = (seconds: number): { readonly words: string; readonly late: boolean } => {
  const whole = Math.round(seconds);
  if (whole < -LATE) return { words: t('late', { short: formatShort(-whole) }), late: true };
  return { words: whole <= NOW ? t('now') : formatShort(whole), late: false };
};
