import { View } from 'react-native';
import { panSense } from '@crustan/core/gear/panSense';
import { showDuration } from '@crustan/core/units';
import { useAppSelector } from '../../store/store';
import { useGear } from '../../store/useGear';
import { Text } from '../../ui/Text';
import { useShow } from '../../words/useShow';
import type { LiveCook } from './liveCook';

/** What the linked thermometers say just now, and what the pan's figure means. */
export const DeviceLine = ({ live }: { readonly live: LiveCook }) => {
  const show = useShow();
  const { pan } = useGear();
  const { source, cook, last, trouble, rubbish } = useAppSelector((state) => state.devices);
  if (source === undefined || cook !== live.cook.id) return null;
  const wanted = live.plan.legs[live.current.leg ?? 0]?.pan ?? live.plan.request.pan;
  const inPan = live.state.place === 'pan' || live.state.place === 'before';
  const sense =
    last.gun && inPan ? panSense(last.gun.celsius, wanted, live.plan.request.fat, pan) : undefined;
  const says = [
    last.probe && `probe ${show.temperature(last.probe.celsius, 1)}`,
    last.oven && `oven ${show.degrees(last.oven.celsius)}`,
    last.gun && inPan && `pan ${show.degrees(last.gun.celsius)}`,
  ].filter((word) => word !== undefined && word !== false);
  return (
    <View className="gap-1" testID="devices">
      <Text voice="figure" tone="text-salt-50">
        {says.length === 0 ? 'Waiting for the thermometer…' : says.join(' · ')}
      </Text>
      {sense?.kind === 'cool' ? (
        <Text tone="text-salt-50" role="alert">
          {`The pan is ${show.difference(sense.under)} short: it would lie silent and steam. ${sense.seconds === undefined ? 'This burner does not bring it there.' : `Full heat for ${showDuration(Math.ceil(sense.seconds / 5) * 5)}, then in.`}`}
        </Text>
      ) : null}
      {sense?.kind === 'smoke' ? (
        <Text tone="text-salt-50" role="alert">
          {sense.margin > 0
            ? `The fat smokes in ${show.difference(sense.margin)} more: burner down.`
            : 'The fat is past where it smokes: burner down, extractor on.'}
        </Text>
      ) : null}
      {trouble === undefined ? null : (
        <Text voice="small" tone="text-salt-50" role="alert">
          {trouble}
        </Text>
      )}
      {rubbish === 0 ? null : (
        <Text voice="note" tone="text-iron-400">
          {`${rubbish} ${rubbish === 1 ? 'message was' : 'messages were'} no temperature and went nowhere.`}
        </Text>
      )}
    </View>
  );
};
