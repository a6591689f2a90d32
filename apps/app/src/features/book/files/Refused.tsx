import { View } from 'react-native';
import { Text } from '../../../ui/Text';
import { t } from '../t';

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
      <Text voice="label">{t('left-out-each-for-its-reason', { count })}</Text>
      {all.slice(0, NAMED).map((line, i) => (
        <Text key={i} voice="small">
          {line}
        </Text>
      ))}
      {count > NAMED ? (
        <Text voice="small">{t('and-more-like-these', { value: count - NAMED })}</Text>
      ) : null}
    </View>
  );
};
