import type { CookState } from '@crustan/core/cook/cookState';
import { formatDuration } from '@crustan/core/units';
import { Text } from '../../ui/Text';
import { useNow } from '../../ui/useNow';
import { useShow } from '../../words/useShow';
import { t } from './t';

/** `just now`, `2 min ago`. */
const formatAge = (ms: number): string =>
  ms < 10_000
    ? t('just-now-2')
    : t('ago-2', {
        duration: formatDuration(ms < 60_000 ? ms / 1000 : Math.round(ms / 60_000) * 60),
      });

/** The last reading and its age against the plan's own curve. */
export const LastReading = ({ state }: { readonly state: CookState }) => {
  const show = useShow();
  const now = useNow(5000);
  const last = state.readings.at(-1);
  if (!last) return null;
  const difference = last.planned === undefined ? 0 : last.celsius - last.planned;
  const against =
    last.planned === undefined
      ? ''
      : Math.abs(difference) < 0.75
        ? t('as-planned')
        : t('the-plans', {
            difference: show.difference(Math.abs(difference)),
            part: difference > 0 ? t('over') : t('under'),
            degrees: show.degrees(last.planned),
          });
  return (
    <Text tone="text-salt-50" aria-live="polite">
      {t('at-2', {
        temperature: show.temperature(last.celsius, 1),
        clockSeconds: show.clockSeconds(last.at),
        age: formatAge(now - last.at),
        against,
      })}
    </Text>
  );
};
