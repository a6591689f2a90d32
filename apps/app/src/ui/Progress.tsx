import { View } from 'react-native';
import { Text } from './Text';

/** Progress of long work. */
export const Progress = ({ label, share }: { readonly label: string; readonly share: number }) => {
  const percent = Math.round(100 * Math.min(1, Math.max(0, share)));
  return (
    <View className="gap-1">
      <Text voice="small">{`${label} · ${percent} %`}</Text>
      <View
        role="progressbar"
        aria-label={label}
        aria-valuenow={percent}
        aria-valuemin={0}
        aria-valuemax={100}
        className="h-2 w-full bg-salt-200"
      >
        <View className="h-2 bg-flame-light" style={{ width: `${percent}%` }} />
      </View>
    </View>
  );
};
