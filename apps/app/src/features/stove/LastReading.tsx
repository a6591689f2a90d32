import type { CookState } from '@crustan/core/cook/cookState';
import { formatDuration } from '@crustan/core/units';
import { Text } from '../../ui/Text';
import { useNow } from '../../ui/useNow';
import { useShow } from '../../words/useShow';

/** `just now`, `2 min ago`. */
const formatAge = (ms: number): string =>
  ms < 10_000
    ? 'just now'
    : `${formatDuration(ms < 60_000 ? ms / 1000 : Math.round(ms / 60_000) * 60)} ago`;

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
        ? ', as planned'
        : `, ${show.difference(Math.abs(difference))} ${difference > 0 ? 'over' : 'under'} the plan’s ${show.degrees(last.planned)}`;
  return (
    <Text tone="text-salt-50" aria-live="polite">
      {`${show.temperature(last.celsius, 1)} at ${show.clockSeconds(last.at)}, ${formatAge(now - last.at)}${against}`}
    </Text>
  );
};
