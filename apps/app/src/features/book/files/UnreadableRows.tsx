import { View } from 'react-native';
import { useUnreadableQuery } from '../../../store/bookApi';
import { Text } from '../../../ui/Text';

/** Rows of the logbook that cannot be read: named, left out of lists and files, and kept. */
export const UnreadableRows = () => {
  const { data } = useUnreadableQuery();
  if (!data || data.count === 0) return null;
  return (
    <View className="gap-2" role="alert">
      <Text voice="head" heading={2}>
        {`${data.count} ${data.count === 1 ? 'row' : 'rows'} of the logbook cannot be read`}
      </Text>
      <Text>
        They are left out of lists and files and stay in the logbook for repair. A backup made
        before it happened has them whole.
      </Text>
      {data.rows.map(({ where, why }) => (
        <Text key={where} voice="small">{`${where}: ${why}`}</Text>
      ))}
    </View>
  );
};
