import { View } from 'react-native';
import { formatDuration } from '@crustan/core/units';
import { Terms } from '../../ui/Meanings';
import { Text } from '../../ui/Text';
import { useNow } from '../../ui/useNow';
import { useShow } from '../../words/useShow';
import { describeForecast, describeKitchen, describeProbe } from './forecastWords';
import type { LiveCook } from './liveCook';
import { t } from './t';

/** An older reading's age is stated, s. */
const OLD_S = 60;

/** Forecast from the readings: end, properties of the kitchen, a misplaced probe. */
export const ForecastLines = ({ live }: { readonly live: LiveCook }) => {
  const show = useShow();
  const now = useNow(10_000);
  const { forecast, plan, state } = live;
  if (!forecast || state.place === 'sliced') return null;
  const age = (now - (state.readings.at(-1)?.at ?? now)) / 1000;
  const probe = state.place === 'rest' ? undefined : describeProbe(forecast);
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
          ? describeForecast(forecast, show)
          : `${kitchen} ${describeForecast(forecast, show)}`}
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
      <Terms of={['forecast', 'pull', 'peak']} onIron />
    </View>
  );
};
