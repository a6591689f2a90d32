import { View } from 'react-native';
import { formatDuration } from '@crustan/core/units';
import { Terms } from '../../ui/Meanings';
import { Text } from '../../ui/Text';
import { useNow } from '../../ui/useNow';
import { useShow } from '../../words/useShow';
import { describeForecast, describeKitchen, describeProbe } from './forecastWords';
import type { LiveCook } from './liveCook';

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
          ? 'From your steps and normal kitchen error. A reading narrows it.'
          : `From ${forecast.readings} ${forecast.readings === 1 ? 'reading' : 'readings'}${age < OLD_S ? '' : `, the last ${formatDuration(60 * Math.round(age / 60))} ago`}; four times in five it lies within.`}
      </Text>
      <Terms of={['forecast', 'pull', 'peak']} onIron />
    </View>
  );
};
