import { View } from 'react-native';
import { panSense } from '@crustan/core/gear/panSense';
import { formatDuration, showDuration } from '@crustan/core/units';
import { clockSpeed } from '../../store/clock';
import { silentFor, type DeviceHeard } from '../../store/devicesSlice';
import { useAppSelector } from '../../store/store';
import { useGear } from '../../store/useGear';
import { Text } from '../../ui/Text';
import { useNow } from '../../ui/useNow';
import { INSTRUMENT_WORDS } from '../../words/instrumentWords';
import { useShow } from '../../words/useShow';
import type { LiveCook } from './liveCook';
import { t } from './t';

/** Instruments that send by themselves, in the order they are shown. */
const INSTRUMENT_ORDER = ['probe', 'oven', 'gun'] as const;

/** Current figures of the linked thermometers; a silent one's last figure with its age, and what the pan's figure means. */
export const DeviceLine = ({ live }: { readonly live: LiveCook }) => {
  const show = useShow();
  const { pan } = useGear();
  const { source, cook, last, trouble, rubbish } = useAppSelector((state) => state.devices);
  const now = useNow(1000);
  if (source === undefined || cook !== live.cook.id) return null;
  const inPan = live.state.place === 'pan' || live.state.place === 'before';
  const fresh = (heard: DeviceHeard | undefined): DeviceHeard | undefined =>
    heard && silentFor(heard, now, clockSpeed()) === undefined ? heard : undefined;
  const says = INSTRUMENT_ORDER.flatMap((by) => {
    const heard = last[by];
    if (!heard || (by === 'gun' && !inPan)) return [];
    const age = silentFor(heard, now, clockSpeed());
    const figure = `${INSTRUMENT_WORDS[by]} ${by === 'probe' ? show.temperature(heard.celsius, 1) : show.degrees(heard.celsius)}`;
    return [
      age === undefined ? figure : t('ago', { figure, duration: formatDuration(age / 1000) }),
    ];
  });
  const wanted = live.plan.legs[live.current.leg ?? 0]?.pan ?? live.plan.request.pan;
  const gun = fresh(last.gun);
  const sense =
    gun && inPan ? panSense(gun.celsius, wanted, live.plan.request.fat, pan) : undefined;
  return (
    <View className="gap-1" testID="devices">
      <Text voice="figure" tone="text-salt-50">
        {says.length === 0 ? t('waiting-for-the-thermometer') : says.join(' · ')}
      </Text>
      {sense?.kind === 'cool' ? (
        <Text tone="text-salt-50" role="alert">
          {t('the-pan-is-too-cold-food-would', {
            difference: show.difference(sense.under),
            part:
              sense.seconds === undefined
                ? t('this-burner-cannot-reach-it')
                : t('full-heat-for-then-in', {
                    duration: showDuration(Math.ceil(sense.seconds / 5) * 5),
                  }),
          })}
        </Text>
      ) : null}
      {sense?.kind === 'smoke' ? (
        <Text tone="text-salt-50" role="alert">
          {sense.margin > 0
            ? t('the-fat-smokes-in-more-burner-down', { difference: show.difference(sense.margin) })
            : t('the-fat-is-past-where-it-smokes')}
        </Text>
      ) : null}
      {trouble === undefined ? null : (
        <Text voice="small" tone="text-salt-50" role="alert">
          {trouble}
        </Text>
      )}
      {rubbish === 0 ? null : (
        <Text voice="note" tone="text-iron-400">
          {t('no-temperature-and-went-nowhere', { rubbish })}
        </Text>
      )}
    </View>
  );
};
