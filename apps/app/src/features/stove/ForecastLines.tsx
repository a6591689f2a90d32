import { View } from 'react-native';
import { formatDuration } from '@crustan/core/units';
import { Terms } from '../../ui/Meanings';
import { Text } from '../../ui/Text';
import { useNow } from '../../ui/useNow';
import { useShow } from '../../words/useShow';
import { describeForecast, describeKitchen, describeProbe } from './forecastWords';
import { usePullShift } from './usePullShift';
import type { LiveCook } from './liveCook';
import { t } from './t';

/** A shift of the pull that is reported, ms. */
const LEAST_SHIFT = 5000;

/** An older reading's age is stated, s. */
const OLD_S = 60;

const describeShift = (shift: number | undefined): string | undefined => {
  if (shift === undefined || Math.abs(shift) < LEAST_SHIFT) return undefined;
  const duration = formatDuration(Math.round(Math.abs(shift) / 1000));
  return shift > 0
    ? t('the-last-moved-the-pull-later', { duration })
    : t('the-last-moved-the-pull-sooner', { duration });
};

/** Forecast from the readings: end, properties of the kitchen, a misplaced probe. */
export const ForecastLines = ({ live }: { readonly live: LiveCook }) => {
  const show = useShow();
  const now = useNow(10_000);
  const { forecast, plan, state } = live;
  const shift = describeShift(usePullShift(forecast));
  if (!forecast || state.place === 'sliced') return null;
  const age = (now - (state.readings.at(-1)?.at ?? now)) / 1000;
  const probe = state.place === 'rest' ? undefined : describeProbe(forecast);
  // A probe's many readings change little each.
  const byProbe = state.readings.at(-1)?.by === 'probe';
  const kitchen = describeKitchen(forecast, plan.request, show);
  return (
    <View className="gap-2" aria-live="polite" testID="forecast">
      {probe === undefined ? null : (
        <View role="alert" className="border-l-4 border-flame-dark pl-3">
          <Text tone="text-salt-50">{probe}</Text>
        </View>
      )}
      <Text tone="text-salt-50">
        {kitchen === ''
          ? describeForecast(forecast, show, now)
          : `${kitchen} ${describeForecast(forecast, show, now)}`}
      </Text>
      <Text voice="note" tone="text-iron-400">
        {forecast.readings === 0
          ? t('from-your-steps-and-normal-kitchen-error')
          : t('from-four-times-in-five-it-lies', {
              readings: forecast.readings,
              part:
                age < OLD_S
                  ? ''
                  : t('the-last-ago', { duration: formatDuration(60 * Math.round(age / 60)) }),
            })}
      </Text>
      {shift === undefined || byProbe || forecast.decided ? null : (
        <Text voice="note" tone="text-iron-400">
          {shift}
        </Text>
      )}
      <Terms of={['forecast', 'pull', 'peak']} onIron />
    </View>
  );
};
