import type { CookState } from '@crustan/core/cook/cookState';
import { Text } from '../../ui/Text';
import { useShow } from '../../words/useShow';

/** The last reading against the plan's own curve. */
export const LastReading = ({ state }: { readonly state: CookState }) => {
  const show = useShow();
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
      {`${show.temperature(last.celsius, 1)} at ${show.clockSeconds(last.at)}${against}`}
    </Text>
  );
};
