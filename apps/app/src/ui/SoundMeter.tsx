import { View } from 'react-native';
import { Text } from './Text';
import type { Heard } from './useSizzle';

interface Props {
  readonly says: string;
  /** Expected level, 0 to 1. */
  readonly level: number;
  readonly heard: Heard;
}

/** Expected loudness of the pan, shown as a bar. */
export const SoundMeter = ({ says, level, heard }: Props) => (
  <View className="gap-1">
    <View
      role="meter"
      aria-label={says}
      aria-valuemin={0}
      aria-valuemax={100}
      aria-valuenow={Math.round(100 * level)}
      testID="sound-meter"
      // Measured output of the audio graph, not the requested level.
      {...(heard && 'is' in heard ? { dataSet: { heard: heard.is.toFixed(4) } } : {})}
      className="h-2 flex-1 overflow-hidden rounded bg-iron-700"
    >
      <View className="h-2 bg-flame-dark" style={{ width: `${Math.round(100 * level)}%` }} />
    </View>
    {heard && 'wrong' in heard ? (
      <Text voice="note" tone="text-iron-400" role="status">
        {heard.wrong}
      </Text>
    ) : null}
  </View>
);
