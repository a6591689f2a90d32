import { useEffect, useState } from 'react';
import { View } from 'react-native';
import type { CookEvent } from '@crustan/core/cook/event';
import { effectiveEvents } from '@crustan/core/cook/effectiveEvents';
import { showDuration } from '@crustan/core/units';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { describeEvent } from '../../words/eventWords';
import { useShow } from '../../words/useShow';
import { t } from './t';

/** A long list of turns is folded to this many events. */
const FOLDED = 6;

interface Props {
  readonly events: readonly CookEvent[];
  readonly inAt: number | undefined;
}

/** Events of the cook in their order, without those that were undone. */
export const EventList = ({ events, inAt }: Props) => {
  const show = useShow();
  const [all, setAll] = useState(false);
  useEffect(() => {
    // On paper nothing is folded.
    const unfold = (): void => setAll(true);
    window.addEventListener('beforeprint', unfold);
    return () => window.removeEventListener('beforeprint', unfold);
  }, []);
  const stood = effectiveEvents(events);
  // Readings of a linked thermometer are in the curve.
  const kept = stood.filter(
    (event) => event.kind !== 'reading' || event.by === undefined || event.by === 'typed',
  );
  const byDevice = stood.length - kept.length;
  const shown = all ? kept : kept.slice(-FOLDED);
  return (
    <View className="gap-2">
      <Text voice="head" heading={2}>
        {t('what-happened')}
      </Text>
      {all || kept.length <= FOLDED ? null : (
        <View className="no-print items-start">
          <Button
            kind="plain"
            label={t('show-all', { keptCount: kept.length })}
            onPress={() => setAll(true)}
          />
        </View>
      )}
      <View role="list">
        {shown.map((event) => (
          <View key={event.id} role="listitem" className="flex-row flex-wrap gap-x-3 py-1">
            <Text voice="figure" className="w-[4.75rem]">
              {show.clockSeconds(event.at)}
            </Text>
            <Text className="min-w-[5rem] flex-1">{describeEvent(event, show)}</Text>
            <Text voice="small" tone="text-iron-500">
              {inAt === undefined || event.at <= inAt ? '' : showDuration((event.at - inAt) / 1000)}
            </Text>
          </View>
        ))}
      </View>
      {byDevice === 0 ? null : (
        <Text voice="small" tone="text-iron-500">
          {t('and-by-the-thermometers', { byDevice })}
        </Text>
      )}
    </View>
  );
};
