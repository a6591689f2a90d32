import { View } from 'react-native';
import { Chart } from '../../ui/Drawn';
import { Text } from '../../ui/Text';
import { useShow } from '../../words/useShow';
import type { LiveCook } from './liveCook';
import { INK } from '../../ui/ink';
import { t } from './t';

/** Planned core and its readings, if there is room beside the cook. */
export const LiveCurve = ({ live }: { readonly live: LiveCook }) => {
  const show = useShow();
  const { cook, state, forecast } = live;
  const { trace, request } = cook.plan.plan;
  const { inAt } = state;
  const points =
    inAt === undefined
      ? []
      : state.readings
          .filter(({ at }) => at >= inAt)
          .map(({ at, celsius }) => ({ time: (at - inAt) / 1000, value: celsius }));
  const marks =
    inAt === undefined || !forecast
      ? []
      : [
          {
            time: (forecast.pullAt - inAt) / 1000,
            label: t('pull', { clock: show.clock(forecast.pullAt) }),
          },
        ];
  return (
    <View className="gap-2">
      <Chart
        height={300}
        onIron
        curves={[
          {
            label: t('planned-core'),
            colour: INK.surface,
            dashed: true,
            time: trace.time,
            value: trace.core,
          },
        ]}
        points={points}
        level={{
          value: request.target,
          label: t('wanted', { degrees: show.degrees(request.target) }),
        }}
        marks={marks}
        units={show.units}
        showTemperature={(celsius) => show.degrees(celsius)}
        says={t('planned-core-to-readings', {
          temperature: show.temperature(request.target),
          pointsCount: points.length,
        })}
      />
      <Text voice="note" tone="text-iron-400">
        {t('dots-are-readings-the-mark-is-the')}
      </Text>
    </View>
  );
};
