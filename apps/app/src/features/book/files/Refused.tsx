import { View } from 'react-native';
import { Text } from '../../../ui/Text';

/** Named one by one; the others are counted. */
const NAMED = 12;

/** Entries of a file that are left out, each with its reason: every rejected entry is shown. */
export const Refused = ({
  all,
  count,
}: {
  readonly all: readonly string[];
  readonly count: number;
}) => {
  if (count === 0) return null;
  return (
    <View className="gap-1 border-l-2 border-salt-300 pl-3" role="note">
      <Text voice="label">{`${count} left out, each for its reason`}</Text>
      {all.slice(0, NAMED).map((line, i) => (
        <Text key={i} voice="small">
          {line}
        </Text>
      ))}
      {count > NAMED ? <Text voice="small">{`And ${count - NAMED} more like these.`}</Text> : null}
    </View>
  );
};
