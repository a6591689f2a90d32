import { View } from 'react-native';
import type { DueStep } from '@crustan/core/cook/cookState';
import { showDuration } from '@crustan/core/units';
import { Text } from '../../ui/Text';
import { useNow } from '../../ui/useNow';
import { useShow } from '../../words/useShow';
import { t } from './t';

/** Within this of its time a step is due, ms. */
const DUE = 500;

interface Props {
  readonly step: DueStep;
  /** Several pieces share the screen. */
  readonly small?: boolean;
}

/** The one huge figure: time left, or time over. */
export const Countdown = ({ step, small = false }: Props) => {
  const now = useNow(200);
  const show = useShow();
  const left = step.dueAt - now;
  const over = left < -DUE;
  const text = showDuration(Math.ceil(Math.max(0, left) / 1000));
  const figure = over ? showDuration(Math.floor(-left / 1000)) : text;
  return (
    <View role="timer" aria-label={over ? t('late', { figure }) : t('left', { figure })}>
      <Text
        voice={small || figure.length + (over ? 1 : 0) > 4 ? 'longCountdown' : 'countdown'}
        tone={over ? 'text-flame-dark' : 'text-salt-50'}
        style={{ fontVariant: ['tabular-nums'] }}
      >
        {over ? `+${figure}` : figure}
      </Text>
      <Text voice="body" tone="text-iron-400">
        {over
          ? t('due-now-or-as-soon-as-you', { clockSeconds: show.clockSeconds(step.dueAt) })
          : t('at', { clockSeconds: show.clockSeconds(step.dueAt) })}
      </Text>
    </View>
  );
};
