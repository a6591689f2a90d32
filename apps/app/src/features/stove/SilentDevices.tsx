import { useEffect, useRef } from 'react';
import { View } from 'react-native';
import { formatDuration } from '@crustan/core/units';
import { clockSpeed } from '../../store/clock';
import { silentFor } from '../../store/devicesSlice';
import { useAppSelector } from '../../store/store';
import { notify, say } from '../../ui/attention';
import { beep, buzz } from '../../ui/calls';
import { Text } from '../../ui/Text';
import { useNow } from '../../ui/useNow';
import { capital } from '../../words/cutWords';
import { INSTRUMENT_WORDS } from '../../words/instrumentWords';
import { useShow } from '../../words/useShow';
import { t } from './t';

/** Alerts the cook to a linked thermometer that stopped sending: its last figure is not the present one. */
export const SilentDevices = () => {
  const show = useShow();
  const now = useNow(1000);
  const { source, last } = useAppSelector((state) => state.devices);
  const attention = useAppSelector((state) => state.attention);
  const silent =
    source === undefined
      ? []
      : Object.values(last).flatMap((heard) => {
          const age = silentFor(heard, now, clockSpeed());
          return age === undefined ? [] : [{ ...heard, age }];
        });
  const called = useRef('');
  const instruments = silent.map(({ by }) => by).join();
  useEffect(() => {
    const more = instruments.length > called.current.length;
    called.current = instruments;
    if (!more) return;
    const words = t('a-thermometer-stopped-sending');
    if (attention.sound) beep('trouble');
    if (attention.vibration) buzz('trouble');
    if (attention.voice) say(words);
    if (attention.notification) void notify(words);
  }, [instruments, attention]);
  if (silent.length === 0) return null;
  return (
    <View role="alert" className="gap-1 border-l-4 border-hazard pl-3" testID="silent-device">
      {silent.map(({ by, celsius, age }) => (
        <Text key={by} tone="text-salt-50">
          {t('silent-for-last-check-the-thermometer-and', {
            words: capital(INSTRUMENT_WORDS[by]),
            duration: formatDuration(age / 1000),
            temperature: show.temperature(celsius, 1),
          })}
        </Text>
      ))}
    </View>
  );
};
